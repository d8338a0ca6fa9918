import { InputNumber } from 'antd'
import { fromCm, toCm, useMeasures } from '../shared/measures'

interface LengthProps {
  label: string
  cm: number | undefined
  least?: number
  disabled: boolean
  change: (cm: number | undefined) => void
}

/** A length in the school's unit, kept in centimetres. */
export function Length({ label, cm, least = 0, disabled, change }: LengthProps) {
  const { unit, sign } = useMeasures()
  return (
    <label>
      {label}
      <InputNumber
        aria-label={label}
        disabled={disabled}
        min={least}
        value={cm === undefined ? null : fromCm(cm, unit)}
        onChange={(v) => change(v === null ? undefined : toCm(v, unit))}
        suffix={sign}
        style={{ width: 116 }}
      />
    </label>
  )
}
