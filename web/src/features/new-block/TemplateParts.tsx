import type { BlockTemplate } from '@nadir/contract';
import { partsOf, type TemplatePart } from '@nadir/core/edit';
import { Tick } from '../../components/Tick.js';

/** What of a template is taken over; a part without its tick is left out. */
export function TemplateParts({
  template,
  left,
  onLeave,
}: {
  template: BlockTemplate;
  left: readonly TemplatePart[];
  onLeave: (parts: readonly TemplatePart[]) => void;
}) {
  return partsOf(template).map(({ part, title }) => (
    <Tick
      key={part}
      label={title}
      checked={!left.includes(part)}
      onAnswer={(isTaken) =>
        onLeave(isTaken ? left.filter((each) => each !== part) : [...left, part])
      }
    />
  ));
}
