import { Checkbox } from 'antd'
import { useState } from 'react'
import { Dialog } from '../shared/Dialog'
import { singleKeys } from '../shared/useKeys'

const keys: [string, string][] = [
  ['?', 'this list'],
  ['g then t, u, y, c, r, k, b, s', 'go to Today, Units, Year, Classes, Reports, Know-how, Cupboard, Set-up'],
  ['arrows', 'on the term strip: from bead to bead'],
  ['Alt + left or right', 'on a bead: lift the lesson over the days; Enter lets it down, Escape leaves it'],
  ['M', 'on a bead: lost, moved, swapped, shorter, indoors'],
  ['arrows', 'on a unit: walk the blocks; on a class: walk the grid'],
  ['Alt + up or down', 'on a unit: move the block in its lesson'],
  ['Alt + left or right', 'on a unit: move the block to another lesson'],
  ['+, −, Delete', 'on a unit: a minute more or less; take the block out'],
  ['up, down', 'on a lesson: walk its stretches'],
  ['E, H', 'on a unit: easier, harder'],
  ['L', 'on a unit: lock or unlock'],
  ['S', 'on a unit: what could stand instead'],
  ['B', 'on a unit: what could stand beside it, as stations'],
  ['W', 'on a unit: why'],
  ['R', 'on a unit: plan the rest anew and look at it'],
  ['V', 'on a unit: versions and proposals'],
  ['Z, Shift + Z', 'on a unit: undo, redo'],
  ['Enter', 'on a class: the looks behind a mark'],
]

/** Every key there is. */
export function KeysHelp({ close }: { close: () => void }) {
  const [on, setOn] = useState(singleKeys.on())
  return (
    <Dialog open title="Keys" onCancel={close} footer={null} width={520}>
      <Checkbox
        checked={on}
        onChange={(e) => {
          singleKeys.set(e.target.checked)
          setOn(e.target.checked)
        }}
        style={{ marginBottom: 8 }}
      >
        single keys do something (letters, ?, + and −)
      </Checkbox>
      <table>
        <tbody>
          {keys.map(([key, what]) => (
            <tr key={key}>
              <th scope="row" style={{ textAlign: 'left', padding: '4px 18px 4px 0', whiteSpace: 'nowrap' }}>
                {key}
              </th>
              <td>{what}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Dialog>
  )
}
