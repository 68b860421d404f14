import { useCatalogue } from '../../../store/CatalogueContext';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { Section } from '../../../shared/Section';
import { SelectEntry } from '../../../shared/SelectEntry';
import type { Draft } from '../draft';
import type { DraftStore } from '../useDraft';
import { SignPicker } from './SignPicker';

/** The place: what is seen of it. */
export function SourceForm({ form: { draft, set, isDefault } }: { form: DraftStore }) {
  const { lists } = useCatalogue();
  const still = lists.caughtKinds.includes(draft.sourceKind);
  const running = ['stream', 'river', 'unknown'].includes(draft.sourceKind);
  return (
    <Section title="The source">
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
    </Section>
  );
}
