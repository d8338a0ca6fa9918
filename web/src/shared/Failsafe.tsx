import { Button } from 'antd'
import { Component, type ReactNode } from 'react'
import { Heading } from './Heading'

interface FailsafeProps {
  /** where one is: another place is another try */
  place: string
  children: ReactNode
}

/** When a page breaks, the rest stays, and says so: never an empty screen. */
export class Failsafe extends Component<FailsafeProps, { failedAt?: string }> {
  override state: { failedAt?: string } = {}

  static getDerivedStateFromError() {
    return { failedAt: '' }
  }

  override componentDidCatch() {
    this.setState({ failedAt: this.props.place })
  }

  override componentDidUpdate(before: FailsafeProps) {
    if (before.place !== this.props.place && this.state.failedAt !== undefined)
      this.setState({ failedAt: undefined })
  }

  override render() {
    if (this.state.failedAt === undefined) return this.props.children
    return (
      <div role="alert" style={{ padding: 24 }}>
        <Heading>This page broke</Heading>
        <p>That is our fault, not yours. What was saved is safe.</p>
        <Button onClick={() => this.setState({ failedAt: undefined })}>Try again</Button>
      </div>
    )
  }
}
