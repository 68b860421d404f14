import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { minutesText } from '../../../shared/time';
import { plain } from '../../../shared/units';
import { Fact, Facts } from './Facts';

/** Label beside computed, for dose and wait. */
export function ContactFacts({
  dose,
  contact,
}: {
  dose: Schema<'DoseAnswer'>;
  contact: Schema<'ContactAnswer'>;
}) {
  const { classes } = useCatalogue();
  const longest = classes.find((c) => c.organism === contact.longestFor)?.name;
  return (
    <Facts>
      <Fact name="Wait">
        {minutesText(contact.waitMinutes)} (
        {contact.computed ? 'computed, longer than the label' : 'by the label'})
      </Fact>
      <Fact name="Label wait">
        {minutesText(contact.labelMinutes)} here; it says “{contact.labelWords}”
      </Fact>
      {contact.computedMinutes !== null && (
        <Fact name="Computed wait">
          {minutesText(contact.computedMinutes)}, longest for {longest}
        </Fact>
      )}
      {contact.shorter && (
        <Fact name="Shorter">
          {minutesText(contact.shorter.waitMinutes)} meets everything but Cryptosporidium
        </Fact>
      )}
      {contact.note && <Fact name="Why so long">{contact.note}</Fact>}
      <Fact name="Dose">
        {plain(dose.mgPerL, 1)} mg/L ({dose.computed ? 'computed, more than the label' : 'by the label'}
        {dose.why && `; ${dose.why}`})
      </Fact>
      <Fact name="Label dose">
        “{dose.labelWords}”, {plain(dose.labelMgPerL, 1)} mg/L here
      </Fact>
      <Fact name="Left to work">
        {plain(contact.residualMgPerL, 1)} mg/L after the water uses up {plain(contact.demandMgPerL, 1)}
      </Fact>
      {dose.fillHint && <Fact name="Fill">{dose.fillHint}</Fact>}
    </Facts>
  );
}
