import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { RouteSelect } from '../../../shared/RouteSelect';
import { SelectEntry } from '../../../shared/SelectEntry';
import { SwitchEntry } from '../../../shared/SwitchEntry';
import type { Thing } from '../../../handover/gather';
import { spans, type useThing } from './useThing';

const things: { id: Thing['of']; name: string }[] = [
  { id: 'lines', name: 'Lines of the book' },
  { id: 'trip', name: 'A trip' },
  { id: 'kit', name: 'The kit' },
  { id: 'batch', name: 'A running batch' },
];

/** Which thing, and how much of it. */
export function ThingChoice({ choice }: { choice: ReturnType<typeof useThing> }) {
  return (
    <>
      <ChoiceGroup
        label="What"
        choices={things}
        value={choice.of}
        onChange={(of) => choice.setOf(of as Thing['of'])}
      />
      {choice.of === 'lines' && (
        <SelectEntry label="Since" value={choice.span} onChange={choice.setSpan} choices={spans} />
      )}
      {choice.of === 'trip' && (
        <>
          <RouteSelect routes={choice.routes} route={choice.route} onChoose={choice.choose} />
          <SwitchEntry
            label="With who walks and the kit, so that it plans the same"
            checked={choice.withParty}
            onChange={choice.setWithParty}
          />
        </>
      )}
      {choice.of === 'batch' && choice.batch && (
        <SelectEntry
          label="Batch"
          value={choice.batch.id}
          onChange={choice.setBatchId}
          choices={choice.running.map(({ id, container }) => ({ id, name: container }))}
        />
      )}
    </>
  );
}
