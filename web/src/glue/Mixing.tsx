import { useState } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { GlueView } from '../api/schema';
import { Answer } from '../parts/Answer';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Facts } from '../parts/Facts';
import { Measured } from '../parts/Measured';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Ask, Fields, Quiet, Row, Section, Trouble } from '../parts/Sheet';
import { clockTime, moment } from '../parts/words';
import type { Reckoned } from './useGlue';

interface MixingProps {
  glue: GlueView;
  reckoned: Reckoned;
  onReckoned: (reckoned: Reckoned) => void;
}

/** How long it takes in this shop, how much, what is weighed, and when it would have to be pulled. */
export function Mixing({ glue, reckoned, onReckoned }: MixingProps) {
  return (
    <Section aria-label="Mixing">
      <h3>Mixing</h3>
      <Fields>
        {glue.sheets.length > 0 ? (
          <Choice
            label="Data sheet"
            value={glue.sheet > 0 ? String(glue.sheet) : ''}
            options={glue.sheets}
            onChange={(sheet) => onReckoned({ ...reckoned, sheet })}
          />
        ) : null}
        <Measured
          label="Thermometer at the bench"
          name={`${glue.id} warmth`}
          value={reckoned.temperature}
          echo={<>reckoned with {glue.temperature}</>}
          onChange={(temperature) => onReckoned({ ...reckoned, temperature })}
        />
        <Entry
          label="The scale’s step"
          name={`${glue.id} scale`}
          value={reckoned.scaleStep}
          echo={<>reckoned with {glue.scaleStep}</>}
          onChange={(scaleStep) => onReckoned({ ...reckoned, scaleStep })}
        />
      </Fields>
      {glue.sheet === 0 ? (
        <Quiet>
          {glue.adhesive}: times of the trade. What the package says comes first:{' '}
          <Link to="/glue">copy its data sheet down</Link>.
        </Quiet>
      ) : null}
      {glue.isKnown ? null : <Trouble>So cold or so warm nobody’s stated times hold.</Trouble>}
      <Times glue={glue} />
      {glue.pull ? <Pulled glue={glue} /> : null}
      <Answer label="This handle takes about" worked={glue.needed} />
      <Answer label="By weight" worked={glue.ratio} />
      {glue.notWeighed ? <Quiet>{glue.notWeighed}</Quiet> : null}
      {glue.weighed ? (
        <p>
          Weigh <strong>{glue.weighed.first}</strong> of resin and <strong>{glue.weighed.second}</strong> of hardener:{' '}
          {glue.weighed.worst}.
        </p>
      ) : null}
      {glue.isAtWork && glue.sheet > 0 ? <Mixed key={glue.mixes.length} glue={glue} reckoned={reckoned} /> : null}
    </Section>
  );
}

function Times({ glue }: { glue: GlueView }) {
  return (
    <Facts>
      <thead>
        <tr>
          <th>At {glue.temperature}</th>
          <th>Usually</th>
          <th>Between</th>
        </tr>
      </thead>
      <tbody>
        {glue.times.map((time) => (
          <tr key={time.label}>
            <td>{time.label}</td>
            <td>
              <strong>{time.usual}</strong>
            </td>
            <td>{time.range}</td>
          </tr>
        ))}
      </tbody>
    </Facts>
  );
}

function Pulled({ glue: { pull } }: { glue: GlueView }) {
  if (!pull) {
    return null;
  }
  const when = `Mixed now it is pulled between ${moment(pull.fromMillis)} and ${clockTime(pull.toMillis)}`;
  return pull.isAtNight ? (
    <Trouble>
      {when}: somebody has to be here then. Mix it in the morning, or warm the bench; what is not pulled in its window
      comes off with heat and a sledge-hammer, if at all.
    </Trouble>
  ) : (
    <p>{when}.</p>
  );
}

function Mixed({ glue, reckoned }: { glue: GlueView; reckoned: Reckoned }) {
  const [weighed, setWeighed] = useState({ first: '', second: '' });
  const [tin, setTin] = useState('');
  const { problem, isBusy, run, clear } = useCaught();
  const past = glue.tins.find((each) => each.value === tin)?.past;
  const mix = (sure: boolean) =>
    void run(() =>
      change(`/api/glue/pieces/${glue.id}/mixes`, {
        sheet: glue.sheet,
        lot: Number(tin) || 0,
        temperature: reckoned.temperature || glue.temperature,
        sure,
        ...weighed,
      }),
    );
  const field = (key: keyof typeof weighed, label: string) => (
    <Measured
      label={label}
      name={`${glue.id} ${key}`}
      value={weighed[key]}
      onChange={(value) => setWeighed({ ...weighed, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  return (
    <>
      <Fields>
        {field('first', 'Resin, as weighed')}
        {field('second', 'Hardener, as weighed')}
        {glue.tins.length > 0 ? <Choice label="From" value={tin} options={glue.tins} onChange={setTin} /> : null}
      </Fields>
      {past ? <Trouble>{past}</Trouble> : null}
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={() => mix(false)}>
          Mixed: the clock runs
        </Press>
      </Row>
      {problem?.kind === 'question' ? null : <Refused problem={problem} />}
      <Ask title="Past its day" isOpen={problem?.kind === 'question'} onClose={clear}>
        <p>{problem?.message}</p>
        <Row>
          <Press data-kind="main" onPress={() => mix(true)}>
            Mix it
          </Press>
          <Press onPress={clear}>No</Press>
        </Row>
      </Ask>
    </>
  );
}
