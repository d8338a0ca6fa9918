import '../shared/base.css'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { Days } from './Days'
import { Hall } from './Hall'
import { Projected } from './Projected'
import { restoreLight } from './screen'

const root = document.getElementById('root')
const [, , lesson = '', view = ''] = window.location.pathname.split('/')
restoreLight()
if (root)
  createRoot(root).render(
    <StrictMode>
      {view === 'board' ? <Projected lesson={lesson} /> : lesson ? <Hall lesson={lesson} /> : <Days />}
    </StrictMode>,
  )
