import { memo, useState } from 'react';
import { Choice } from '../parts/Choice';
import { Press } from '../parts/Press';
import { Said } from './Consult.styles';
import { useQuestions } from './useDesign';

/** What clients say of a zone, as presses; how strongly, chosen beside them. Drawn once, not with every picture of a pull. */
export const Spoken = memo(function Spoken({ onSay }: { onSay: (word: string, much: string) => Promise<void> }) {
  const { data } = useQuestions();
  const [much, setMuch] = useState('MORE');
  const zones = [...new Set((data?.words ?? []).map((word) => word.zone))];
  return (
    <Said>
      <Choice
        label="How much"
        value={much}
        options={(data?.muches ?? []).map((each) => ({ ...each, words: each.words || 'as said' }))}
        onChange={setMuch}
      />
      {zones.map((zone) => (
        <div key={zone} role="group" aria-label={zone}>
          <h3>{zone}</h3>
          <div>
            {(data?.words ?? [])
              .filter((word) => word.zone === zone)
              .map((word) => (
                <Press key={word.value} onPress={() => void onSay(word.value, much)} aria-description={word.step}>
                  {word.words}
                </Press>
              ))}
          </div>
        </div>
      ))}
    </Said>
  );
});
