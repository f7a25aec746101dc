import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { ConsultView } from '../api/schema';
import { KeepsDrafts } from '../parts/drafts';
import { Press } from '../parts/Press';
import { Quiet, Row, Trouble } from '../parts/Sheet';
import { day, minutes } from '../parts/words';
import { Advices } from './Advices';
import { Book, FigureStrip, Last, Leaf, Leaves, Page } from './Consult.styles';
import { LiveDrawing } from './LiveDrawing';
import { advised, openMatters } from './model';
import { Proposals } from './Proposals';
import { Revisions } from './Revisions';
import { DRAWN_GROUPS, SpecificationFields } from './SpecificationFields';
import { Spoken } from './Spoken';
import { TalkedOver } from './TalkedOver';
import { type Entries, useKnife, useTalk } from './useConsult';
import { missingWords, WeightAndCost } from './WeightAndCost';

/** The talk at the table: the knife drawn live, beside what it weighs and costs. */
export default function Consult() {
  const job = Number(useParams().job);
  const { data: talk, error } = useTalk(job);
  const [leaf, setLeaf] = useState('said');
  if (!talk) {
    return error ? <Trouble role="alert">{error.message}</Trouble> : <Quiet>One moment…</Quiet>;
  }
  const latest = talk.revisions[talk.revisions.length - 1];
  return latest ? (
    <Table
      key={`${job} ${latest.number}`}
      talk={talk}
      revision={latest.number}
      kept={latest.entries}
      leaf={leaf}
      onLeaf={setLeaf}
    />
  ) : null;
}

interface TableProps {
  talk: ConsultView;
  revision: number;
  kept: Entries;
  /** The leaf of the book that lies open; it stays so when a revision is kept. */
  leaf: string;
  onLeaf: (leaf: string) => void;
}

function Table({ talk, revision, kept, leaf, onLeaf }: TableProps) {
  const knife = useKnife(talk.jobId, revision, kept);
  const { shown, reading } = knife;
  const entries = { ...reading?.entries, ...knife.chosen };
  const advice = advised(talk.advice, shown?.advice);
  const open = openMatters(advice).length;
  return (
    <KeepsDrafts value={false}>
      <header>
        <Row>
          <h1>
            {talk.number} · {talk.title}
          </h1>
          <span>
            for {talk.clientName}, promised {day(talk.promisedOn)}
          </span>
          {talk.pieces[0] ? <Link to={`/pieces/${talk.pieces[0]}`}>Piece</Link> : null}
          <Link to={`/jobs/${talk.jobId}/sheet`}>Sheet to print</Link>
        </Row>
        <p>
          For: <q>{talk.useWords}</q>
        </p>
      </header>
      {talk.isApproved ? (
        <Trouble>
          The outline is approved. A revision that is drawn now takes effect only as a late change of the piece.
        </Trouble>
      ) : null}
      {shown?.drawing ? (
        <LiveDrawing
          shown={shown}
          finish={entries['finish'] ?? ''}
          material={entries['handleMaterial'] ?? ''}
          onPull={knife.pull.to}
          onLetGo={knife.pull.letGo}
        />
      ) : null}
      <Last role="status" data-refused={knife.refused ? true : undefined}>
        {knife.refused ||
          (shown?.figures?.since
            ? `Last change: ${shown.figures.since}.`
            : 'Pull a cross on the drawing, press what the client says, or type a number.')}
      </Last>
      {shown ? (
        <FigureStrip aria-label="The knife in numbers">
          {shown.figures?.figures
            .filter((figure) => ['overall', 'weight', 'balance', 'edge'].includes(figure.key))
            .map((figure) => (
              <Figure key={figure.key} label={figure.label} words={figure.words} />
            ))}
          <Figure
            label="Material"
            words={
              shown.figures?.missingPrices.length === shown.figures?.cost.length
                ? 'no prices yet'
                : (shown.figures?.materialCost ?? '')
            }
          />
          <Figure label="Hands-on work" words={minutes(shown.attendedMinutes)} />
          <Figure label="Done at the earliest" words={day(shown.earliestDay)} />
        </FigureStrip>
      ) : null}
      {shown && shown.missing.length > 0 ? (
        <Quiet>Not on the racks: {shown.missing.map(missingWords).join('; ')}. The day counts on it.</Quiet>
      ) : null}
      <Book selectedKey={leaf} onSelectionChange={(key) => onLeaf(String(key))}>
        <Row style={{ justifyContent: 'space-between' }}>
          <Leaves aria-label="Ways to change the knife">
            <Leaf id="said">What is said</Leaf>
            <Leaf id="sizes">Sizes</Leaf>
            <Leaf id="questions">Make</Leaf>
            {advice.length > 0 ? <Leaf id="advice">Worth saying{open > 0 ? ` (${open})` : ''}</Leaf> : null}
            <Leaf id="weight">Weight and cost</Leaf>
            <Leaf id="proposals">Proposals</Leaf>
            <Leaf id="talk">The talk</Leaf>
            <Leaf id="revisions">Revisions</Leaf>
          </Leaves>
          <Row>
            <Press isDisabled={!knife.canTakeBack} onPress={knife.takeBack}>
              Take back
            </Press>
            {knife.isChanged ? <Press onPress={knife.startAgain}>Back to revision {revision}</Press> : null}
          </Row>
        </Row>
        <Page id="said">
          <Spoken onSay={knife.say} />
        </Page>
        <Page id="sizes">
          <Quiet>A size that is left empty follows the others.</Quiet>
          <SpecificationFields
            groups={[...DRAWN_GROUPS]}
            entries={knife.chosen}
            reading={reading}
            onChange={knife.put}
          />
        </Page>
        <Page id="questions">
          <SpecificationFields
            groups={['Knife', 'Blade', 'Edge', 'Handle', 'Sheath']}
            entries={entries}
            reading={reading}
            onChange={knife.put}
          />
        </Page>
        {advice.length > 0 ? (
          <Page id="advice">
            <Advices advice={advice} job={talk.jobId} />
          </Page>
        ) : null}
        <Page id="weight">
          {shown?.figures ? (
            <WeightAndCost figures={shown.figures} work={shown.attendedMinutes} missing={shown.missing} />
          ) : null}
        </Page>
        <Page id="proposals">
          <Proposals talk={talk} chosen={knife.chosen} onEntries={knife.take} />
        </Page>
        <Page id="talk">
          <TalkedOver talk={talk} />
        </Page>
        <Page id="revisions">
          <Revisions
            talk={talk}
            chosen={knife.chosen}
            isChanged={knife.isChanged}
            shown={shown}
            onEntries={knife.take}
            onKept={knife.forget}
          />
        </Page>
      </Book>
    </KeepsDrafts>
  );
}

function Figure({ label, words }: { label: string; words: string }) {
  return (
    <div>
      <dt>{label}</dt>
      <dd>{words}</dd>
    </div>
  );
}
