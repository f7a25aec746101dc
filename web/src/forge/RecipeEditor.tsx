import { useState } from 'react';
import type { AskedBillet, BilletReading, ForgeQuestions, StageView, StepEntries, WorkView } from '../api/schema';
import { findingWords } from '../api/client';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Question } from '../parts/Question';
import { Press } from '../parts/Press';
import { Fields, Panel, Row } from '../parts/Sheet';
import { Working } from '../parts/Working';
import { Step, Steps } from './Forge.styles';
import { usualStep } from './useForge';

interface RecipeEditorProps {
  questions: ForgeQuestions;
  asked: AskedBillet;
  reading?: BilletReading;
  /** Whether the reading is of what stands there now. */
  isCurrent: boolean;
  /** So many steps are done and stay as they are. */
  done: number;
  onChange: (asked: AskedBillet) => void;
}

/** A billet on paper: what is wanted of it, and work after work. */
export function RecipeEditor({ questions, asked, reading, isCurrent, done, onChange }: RecipeEditorProps) {
  const put = (index: number, step: StepEntries) =>
    onChange({ ...asked, steps: asked.steps.map((each, i) => (i === index ? step : each)) });
  const remove = (index: number) => onChange({ ...asked, steps: asked.steps.filter((_, i) => i !== index) });
  const swap = (index: number) =>
    onChange({
      ...asked,
      steps: asked.steps.flatMap((each, i) =>
        i === index ? asked.steps.slice(index, index + 2).toReversed() : i === index + 1 ? [] : [each],
      ),
    });
  return (
    <>
      <Wanted questions={questions} asked={asked} reading={reading} isCurrent={isCurrent} onChange={onChange} />
      <Steps>
        {asked.steps.map((step, index) => {
          const work = questions.works.find((each) => each.work === step.work);
          return work ? (
            <Editable
              key={`${index} ${step.work}`}
              work={work}
              step={step}
              number={index + 1}
              stage={reading?.stages[index]}
              isDone={index < done}
              onChange={(changed) => put(index, changed)}
              onRemove={() => remove(index)}
              onLater={index + 1 < asked.steps.length ? () => swap(index) : undefined}
            />
          ) : null;
        })}
      </Steps>
      <Add
        works={questions.works.filter((work) => work.begins === (asked.steps.length === 0))}
        onAdd={(work) => onChange({ ...asked, steps: [...asked.steps, usualStep(work)] })}
      />
    </>
  );
}

/** What it is for, and how many blades of what size are to come out of it. */
function Wanted({ questions, asked, reading, isCurrent, onChange }: Omit<RecipeEditorProps, 'done'>) {
  const problem = (field: string) => {
    const finding = reading?.findings.find((each) => each.field === field);
    return finding && (asked.name || field !== 'name') ? findingWords(finding) : undefined;
  };
  const field = (key: 'name' | 'blades' | 'thickness' | 'width' | 'length' | 'paid', label: string) => (
    <Entry
      label={label}
      name={key}
      value={asked[key]}
      onChange={(value) => onChange({ ...asked, [key]: value })}
      problem={problem(key)}
    />
  );
  const choose = (value: string) => {
    const piece = questions.waiting.find((each) => String(each.pieceId) === value);
    onChange(
      piece
        ? { ...asked, pieceId: piece.pieceId, thickness: piece.thickness, width: piece.width, length: piece.length }
        : { ...asked, pieceId: 0 },
    );
  };
  return (
    <Panel aria-label="What is wanted of it">
      <Fields>
        {field('name', 'What it is called')}
        <Choice
          label="Looked at on the blade of"
          value={String(asked.pieceId)}
          options={[
            { value: '0', words: 'a usual knife' },
            ...questions.waiting.map((each) => ({ value: String(each.pieceId), words: `${each.piece} ${each.title}` })),
          ]}
          onChange={choose}
        />
        {field('blades', 'Blades from it')}
        {field('thickness', 'Each takes: thickness')}
        {field('width', 'width')}
        {field('length', 'length')}
        {field('paid', 'Paid for the bars, if known')}
      </Fields>
      {reading?.fittedLength ? (
        <Row>
          <span>
            For just {asked.blades} {asked.blades === '1' ? 'blade' : 'blades'} the bars are cut to{' '}
            <strong>{reading.fittedLength}</strong>.
          </span>
          <Press isDisabled={!isCurrent} onPress={() => onChange(fitted(asked, reading.fittedLength))}>
            Cut them to that
          </Press>
        </Row>
      ) : null}
    </Panel>
  );
}

const fitted = (asked: AskedBillet, length: string): AskedBillet => ({
  ...asked,
  steps: asked.steps.map((step, index) => (index === 0 ? { ...step, entries: { ...step.entries, length } } : step)),
});

interface EditableProps {
  work: WorkView;
  step: StepEntries;
  number: number;
  stage?: StageView;
  isDone: boolean;
  onChange: (step: StepEntries) => void;
  onRemove: () => void;
  onLater?: () => void;
}

function Editable({ work, step, number, stage, isDone, onChange, onRemove, onLater }: EditableProps) {
  const problem = (key: string) => {
    const finding = stage?.findings.find((each) => each.field === key);
    return finding ? findingWords(finding) : undefined;
  };
  const put = (key: string) => (value: string) => onChange({ ...step, entries: { ...step.entries, [key]: value } });
  return (
    <Step data-standing={isDone ? 'DONE' : stage?.standing} aria-label={`${number}. ${work.title}`}>
      <header>
        <h3>
          {number}. {work.title}
        </h3>
        <Sizes stage={stage} />
      </header>
      {isDone ? null : (
        <Fields>
          {work.fields.map((field) => (
            <Question
              key={field.key}
              field={field}
              value={step.entries[field.key] ?? ''}
              onChange={put(field.key)}
              problem={problem(field.key)}
            />
          ))}
        </Fields>
      )}
      <Said stage={stage} />
      {isDone ? null : (
        <Row>
          <Press onPress={onRemove}>Leave it out</Press>
          {onLater ? <Press onPress={onLater}>Later</Press> : null}
        </Row>
      )}
    </Step>
  );
}

/** What the billet is after a step. */
export function Sizes({ stage }: { stage?: StageView }) {
  return stage?.section ? (
    <strong>
      {stage.section}, {stage.length} long, {stage.layers} {stage.layers === '1' ? 'layer' : 'layers'}
    </strong>
  ) : null;
}

/** How a step was worked out, what may go wrong, or why it cannot be. */
export function Said({ stage }: { stage?: StageView }) {
  return (
    <>
      {stage?.working.map((line) => (
        <p key={line}>
          <Working>{line}</Working>
        </p>
      ))}
      {stage?.cautions.map((line) => (
        <p key={line} data-caution>
          {line}
        </p>
      ))}
      {stage?.standing === 'REFUSED' ? <p data-caution>{stage.why}</p> : null}
    </>
  );
}

function Add({ works, onAdd }: { works: readonly WorkView[]; onAdd: (work: WorkView) => void }) {
  const [name, setName] = useState('');
  const chosen = works.find((each) => each.work === name) ?? works[0];
  return (
    <Row>
      <div style={{ minWidth: 270 }}>
        <Choice
          label="And then"
          value={chosen?.work ?? ''}
          options={works.map((each) => ({ value: each.work, words: each.title }))}
          onChange={setName}
        />
      </div>
      <Press data-large style={{ alignSelf: 'end' }} onPress={() => (chosen ? onAdd(chosen) : undefined)}>
        Add this work
      </Press>
    </Row>
  );
}
