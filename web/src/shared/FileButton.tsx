import { Button } from 'antd'
import { useRef } from 'react'

interface FileButtonProps {
  /** on the button */
  children: string
  /** names the field for those who cannot see the button */
  label: string
  /** kinds of file, such as ".csv,.xlsx" */
  accept: string
  /** @default false */
  busy?: boolean
  /** @default false */
  disabled?: boolean
  /** the same file may be chosen again after it was mended */
  chosen: (file: File) => void
}

/** A button that asks for a file. */
export function FileButton({
  children,
  label,
  accept,
  busy = false,
  disabled = false,
  chosen,
}: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button disabled={disabled} loading={busy} onClick={() => input.current?.click()}>
        {children}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        accept={accept}
        aria-label={label}
        onChange={(e) => {
          const file = e.target.files?.[0]
          e.target.value = ''
          if (file) chosen(file)
        }}
      />
    </>
  )
}
