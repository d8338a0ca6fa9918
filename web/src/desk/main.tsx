import '../shared/base.css'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { Desk } from './Desk'

const root = document.getElementById('root')
if (root)
  createRoot(root).render(
    <StrictMode>
      <Desk />
    </StrictMode>,
  )
