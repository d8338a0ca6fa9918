import { Input, type InputProps } from 'antd'
import { useEffect, useState } from 'react'

const FIRST = '2000-01-01'
const LAST = '2100-12-31'

interface DateInputProps extends Omit<InputProps, 'value' | 'onChange' | 'type'> {
  /** ISO day; empty for none */
  value?: string
  /** called with a whole day, or with nothing; never with a year that is only half typed */
  onChange?: (day: string) => void
}

/** A field for a day. */
export function DateInput({ value = '', onChange, ...more }: DateInputProps) {
  const [typed, setTyped] = useState(value)
  useEffect(() => setTyped(value), [value])
  return (
    <Input
      {...more}
      type="date"
      min={FIRST}
      max={LAST}
      value={typed}
      onChange={(e) => {
        const day = e.target.value
        setTyped(day)
        if (day === '' || (day >= FIRST && day <= LAST && day.length === FIRST.length)) onChange?.(day)
      }}
    />
  )
}
