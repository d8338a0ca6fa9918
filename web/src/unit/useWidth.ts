import { useLayoutEffect, useRef, useState } from 'react'

/** The width of an element in px, kept up to date. */
export function useWidth<T extends HTMLElement>() {
  const ref = useRef<T>(null)
  const [width, setWidth] = useState(960)
  useLayoutEffect(() => {
    const element = ref.current
    if (!element) return
    const measure = () => element.clientWidth > 0 && setWidth(element.clientWidth)
    measure()
    const observer = new ResizeObserver(measure)
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return [ref, width] as const
}
