import { Modal, type ModalProps } from 'antd'
import { useEffect, useRef } from 'react'

/** A dialog; when it goes, the focus is back where it was. */
export function Dialog(props: ModalProps) {
  const before = useRef<Element | null>(null)
  before.current ??= document.activeElement
  useEffect(
    () => () => {
      const was = before.current
      // A menu that opened it is gone by now; the page is the next best place.
      const back = was instanceof HTMLElement && was.isConnected && was !== document.body ? was : null
      ;(back ?? document.getElementById('page'))?.focus({ preventScroll: true })
    },
    [],
  )
  return <Modal {...props} />
}
