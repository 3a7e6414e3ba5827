import { ChoiceAnswer } from '../../parts/ChoiceAnswer.js';
import { Field } from '../../parts/Field.js';

/** A choice among schools: each by its title, the chosen one with what it is for and what it costs. */
export function SchoolAnswer<T extends string>({
  label,
  schools,
  value,
  offered,
  onAnswer,
}: {
  label: string;
  schools: Readonly<Record<T, { title: string; why: string }>>;
  value: T;
  offered: readonly T[];
  onAnswer: (value: T) => void;
}) {
  return (
    <Field label={label} because={schools[value].why}>
      {(ids) => (
        <ChoiceAnswer
          {...ids}
          value={value}
          choices={offered.map((name) => [name, schools[name].title] as const)}
          onAnswer={onAnswer}
        />
      )}
    </Field>
  );
}
