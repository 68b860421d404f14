import { useCatalogue } from '../../../core/CatalogueContext';
import type { Judgement } from '../../../core/contract';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { Section } from '../../../shared/Section';
import { SelectEntry } from '../../../shared/SelectEntry';
import type { Kept } from '../../../store/records';
import type { Draft } from '../draft';
import type { DraftStore } from '../useDraft';
import { SignPicker } from './SignPicker';
import { VerdictPanel } from './VerdictPanel';

const anotherPlace = 'another';

interface Props {
  form: DraftStore;
  trip: Kept<'trip-source'>[];
  judgement: Judgement | null;
}

/** The place: what is seen of it, and at once what to make of it. */
export function SourceForm({ form: { draft, set, isDefault }, trip, judgement }: Props) {
  const { lists } = useCatalogue();
  const still = lists.caughtKinds.includes(draft.sourceKind);
  const running = ['stream', 'river', 'unknown'].includes(draft.sourceKind);
  return (
    <Section title="The source">
      {trip.length > 0 && (
        <SelectEntry
          label="You are at"
          value={draft.here ?? anotherPlace}
          onChange={(id) => set({ here: id === anotherPlace ? null : id })}
          choices={[
            ...trip.map(({ id, body }) => ({ id, name: body.name ?? '' })),
            { id: anotherPlace, name: 'Another place' },
          ]}
        />
      )}
      <SelectEntry
        label="Kind of source"
        choices={lists.sourceKinds}
        value={draft.sourceKind}
        isDefault={isDefault('sourceKind')}
        onChange={(sourceKind) => set({ sourceKind: sourceKind as Draft['sourceKind'] })}
      />
      {!still && (
        <ChoiceGroup
          label="How it moves"
          choices={lists.flows}
          value={draft.flow}
          isDefault={isDefault('flow')}
          onChange={(flow) => set({ flow: flow as Draft['flow'] })}
        />
      )}
      {running && (
        <ChoiceGroup
          label="Looked 100 to 200 m upstream, round the next bend"
          choices={lists.yesNo}
          value={draft.upstreamWalked}
          isDefault={isDefault('upstreamWalked')}
          onChange={(upstreamWalked) => set({ upstreamWalked: upstreamWalked as Draft['upstreamWalked'] })}
        />
      )}
      {!still && (
        <ChoiceGroup
          label="Heavy rain or melt in the last day"
          choices={lists.yesNo}
          value={draft.rainLastDay}
          isDefault={isDefault('rainLastDay')}
          onChange={(rainLastDay) => set({ rainLastDay: rainLastDay as Draft['rainLastDay'] })}
        />
      )}
      <SignPicker seen={draft.seen} onChange={(seen) => set({ seen })} />
      {judgement && <VerdictPanel judgement={judgement} />}
    </Section>
  );
}
