import { Alert, Button } from 'antd'
import { Problem } from '../api/client'

interface ProblemNoteProps {
  error: unknown
  /** what to do to try again; no button without it */
  retry?: () => void
  /** on the button @default 'Try again' */
  retryWords?: string
}

/** What went wrong, row by row where there are rows, and how to go on. */
export function ProblemNote({ error, retry, retryWords = 'Try again' }: ProblemNoteProps) {
  const problem = error instanceof Problem ? error : new Problem(500, 'Something went wrong', String(error))
  return (
    <Alert
      type={problem.status >= 500 || problem.status === 0 ? 'error' : 'warning'}
      showIcon
      role="alert"
      title={problem.title}
      description={
        problem.findings.length > 0 ? (
          <ul style={{ margin: 0, paddingLeft: 18, maxHeight: 220, overflow: 'auto' }}>
            {problem.findings.map((f) => (
              <li key={f.where + f.message}>
                <b>{f.where}</b>: {f.message}
              </li>
            ))}
          </ul>
        ) : (
          problem.message
        )
      }
      action={retry && <Button onClick={retry}>{retryWords}</Button>}
    />
  )
}
