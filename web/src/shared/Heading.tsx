import { type ReactNode, useEffect, useRef } from 'react'

/** The heading of a page: the tab and the history of the browser are called by it too. */
export function Heading({ children }: { children: ReactNode }) {
  const heading = useRef<HTMLHeadingElement>(null)
  useEffect(() => {
    const words = heading.current?.textContent?.replace(/\s+/g, ' ').trim()
    document.title = !words || words === 'Isokinet' ? 'Isokinet' : `${words} · Isokinet`
  })
  return <h1 ref={heading}>{children}</h1>
}
