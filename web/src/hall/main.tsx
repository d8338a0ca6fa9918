import '../shared/base.css'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { Days } from './Days'
import { Hall } from './Hall'
import { restoreLight } from './screen'

const root = document.getElementById('root')
const lesson = window.location.pathname.split('/')[2] ?? ''
restoreLight()
if (root) createRoot(root).render(<StrictMode>{lesson ? <Hall lesson={lesson} /> : <Days />}</StrictMode>)
