import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import type { CheckedBlock } from '@nadir/core';
import { type Place, placeName, type Turn } from '@nadir/core/edit/week';
import type { PhaseKind, Progression } from '@nadir/core/spec/choices';
import { useState } from 'react';
import styles from './HardDays.module.css';
import * as wording from './wording.js';

/** A week that is left to its phase. */
const OF_PHASE = { id: '', name: wording.asInThePhase };

type Choice = Pick<Progression, 'id' | 'name'>;

/** What takes turns in a place of the week: names are typed or chosen one after the other, the same again where it comes again. */
export function TurnField({
  block,
  place,
  families,
  phases,
  onTurn,
}: {
  block: CheckedBlock;
  place: Place;
  families: readonly Progression[];
  phases: PhaseKind[] | undefined;
  onTurn: (turn: Turn) => void;
}) {
  const [typed, setTyped] = useState('');
  const { rotations = [] } = block.spec;
  const rotation = rotations.find(
    ({ on, weeks, phases: of }) => on === place && !weeks && of?.join() === phases?.join(),
  );
  const choices: Choice[] = [OF_PHASE, ...families];
  const value = (rotation?.turn ?? []).flatMap(
    (id) => choices.find((choice) => choice.id === (id ?? '')) ?? [],
  );
  return (
    <Autocomplete<Choice, true>
      multiple
      autoHighlight
      disableCloseOnSelect
      disablePortal
      // Beside the page’s own landmarks, and out of the table that scrolls.
      slotProps={{ popper: { popperOptions: { strategy: 'fixed' } } }}
      size="small"
      className={styles.turns}
      options={choices}
      value={value}
      inputValue={typed}
      // The block may be drawn anew in mid-word: only choosing and leaving empty the field.
      onInputChange={(_, text, reason) => reason !== 'reset' && setTyped(text)}
      getOptionLabel={({ name }) => name}
      getOptionKey={({ id }) => id}
      // A family may come more than once in its turn.
      isOptionEqualToValue={() => false}
      onChange={(_, chosen) =>
        onTurn(chosen.map(({ id }) => families.find((each) => each.id === id)))
      }
      renderInput={(params) => (
        <TextField
          {...params}
          label={`${placeName(place)}s`}
          placeholder={value.length === 0 ? wording.asInThePhases : ''}
          slotProps={{ ...params.slotProps, inputLabel: { shrink: true } }}
        />
      )}
    />
  );
}
