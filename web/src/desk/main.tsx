import '../shared/base.css'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { reloadWhenPartsAreGone } from '../shared/freshParts'
import { Desk } from './Desk'

reloadWhenPartsAreGone()
const root = document.getElementById('root')
if (root)
  createRoot(root).render(
    <StrictMode>
      <Desk />
    </StrictMode>,
  )
