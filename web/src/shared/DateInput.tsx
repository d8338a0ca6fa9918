import { Input, type InputProps } from 'antd'
import { useEffect, useState } from 'react'

const FIRST = '2000-01-01'
const LAST = '2100-12-31'

interface DateInputProps extends Omit<InputProps, 'value' | 'onChange' | 'type' | 'min' | 'max'> {
  /** ISO day; empty for none */
  value?: string
  /** the first day and the last that can be chosen, ISO */
  min?: string
  max?: string
  /** called with a whole day, or with nothing; never with a year that is only half typed */
  onChange?: (day: string) => void
}

/** A field for a day. */
export function DateInput({ value = '', min = FIRST, max = LAST, onChange, ...more }: DateInputProps) {
  const [typed, setTyped] = useState(value)
  useEffect(() => setTyped(value), [value])
  return (
    <Input
      {...more}
      type="date"
      min={min}
      max={max}
      value={typed}
      onChange={(e) => {
        const day = e.target.value
        setTyped(day)
        if (day === '' || (day >= min && day <= max && day.length === FIRST.length)) onChange?.(day)
      }}
    />
  )
}
