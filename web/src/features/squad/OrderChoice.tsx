import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { type SquadOrder, squadOrders } from './squad-order.js';
import * as wording from './wording.js';

/** The order of the squad where the table has no heads to press. */
export function OrderChoice({
  order,
  onOrder,
}: {
  order: SquadOrder;
  onOrder: (order: SquadOrder) => void;
}) {
  return (
    <ChoiceAnswer
      label={wording.order}
      value={order}
      choices={Object.entries(squadOrders) as [SquadOrder, string][]}
      onAnswer={onOrder}
    />
  );
}
