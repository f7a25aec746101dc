import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { change } from '../api/client';
import type { BathView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Facts } from '../parts/Facts';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { moment } from '../parts/words';
import { Answer } from '../parts/Answer';
import { KeptForm } from '../parts/KeptForm';
import { useBath } from './useTank';

/** A bath: what it is, how old it is, what was in it. */
export default function BathPage() {
  const { id = '' } = useParams();
  const { data, error } = useBath(Number(id));
  if (error) {
    return <Trouble role="alert">{error.message}</Trouble>;
  }
  return data ? <Bath bath={data} /> : <Quiet>One moment…</Quiet>;
}

function Bath({ bath }: { bath: BathView }) {
  const { line } = bath;
  const isGone = bath.goneTo !== '';
  return (
    <>
      <Row>
        <h1>{line.name}</h1>
        <Link to="/tank">The tank</Link>
      </Row>
      {isGone ? <Gone bath={bath} /> : null}
      <Panel aria-label="What it is">
        <p>
          {[line.liquid, line.strength, line.volume, line.place, line.free, line.temperature]
            .filter(Boolean)
            .join('; ')}
          {bath.holds ? `; the vessel holds ${bath.holds}` : ''}
        </p>
        <Answer label={bath.firstName} worked={bath.firstPart} />
        <Answer label={bath.secondName} worked={bath.secondPart} />
        {isGone ? null : <Change bath={bath} />}
        {bath.cautions.map((caution) => (
          <Trouble as="p" key={caution}>
            {caution}
          </Trouble>
        ))}
      </Panel>
      {line.etches ? <Age bath={bath} isGone={isGone} /> : null}
      <Uses bath={bath} />
      {isGone ? null : <Care bath={bath} />}
    </>
  );
}

function Gone({ bath }: { bath: BathView }) {
  const { problem, isBusy, run } = useCaught();
  return (
    <>
      <Trouble>Thrown away: {bath.goneTo}</Trouble>
      <Refused problem={problem} />
      <Row>
        <Press isDisabled={isBusy} onPress={() => void run(() => change(`/api/tank/baths/${bath.line.id}/stands`))}>
          It stands after all
        </Press>
      </Row>
    </>
  );
}

function Change({ bath }: { bath: BathView }) {
  const [isChanging, setChanging] = useState(false);
  return isChanging ? (
    <KeptForm
      key={bath.version}
      address={`/api/tank/baths/${bath.line.id}`}
      fields={bath.fields}
      entries={bath.entries}
      basedOn={bath.version}
      words="Keep"
      onKept={() => setChanging(false)}
      onLeave={() => setChanging(false)}
    />
  ) : (
    <Row>
      <Press onPress={() => setChanging(true)}>Describe it anew</Press>
    </Row>
  );
}

/** What the bath does today, and the coupons that say so. */
function Age({ bath, isGone }: { bath: BathView; isGone: boolean }) {
  const { problem, isBusy, run } = useCaught();
  const address = `/api/tank/baths/${bath.line.id}/coupons`;
  return (
    <Panel aria-label="Its age">
      <h2>Its age</h2>
      <p>
        <strong>{bath.line.longer}</strong>
      </p>
      <Answer label="Eaten of what it can" worked={bath.spent} />
      {bath.line.isSpent ? <Trouble>Nearly spent: mix it anew.</Trouble> : null}
      <h3>Coupons</h3>
      {bath.coupons.length === 0 ? <Quiet>None was tried in it yet.</Quiet> : null}
      <Facts data-stacks>
        <tbody>
          {bath.coupons.map((coupon) => (
            <tr key={coupon.id}>
              <td>{coupon.steel}</td>
              <td>
                {coupon.took}, fresh {coupon.fresh}
              </td>
              <td>
                {coupon.isRight ? 'came out right' : 'came out wrong, does not count'} {coupon.words}
              </td>
              <td>
                {coupon.by}, {moment(coupon.atMillis)}
              </td>
              <td>
                <Press isDisabled={isBusy} onPress={() => void run(() => change(`${address}/${coupon.id}/strike`))}>
                  Strike out
                </Press>
              </td>
            </tr>
          ))}
        </tbody>
      </Facts>
      <Refused problem={problem} />
      {isGone ? null : <TryCoupon address={address} />}
    </Panel>
  );
}

function TryCoupon({ address }: { address: string }) {
  const empty = { steel: '', fresh: '', took: '', isRight: true, words: '' };
  const [coupon, put] = useState(empty);
  const { problem, isBusy, run } = useCaught();
  const field = (key: 'steel' | 'fresh' | 'took' | 'words', label: string) => (
    <Entry
      label={label}
      name={`coupon ${key}`}
      value={coupon[key]}
      onChange={(value) => put({ ...coupon, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  return (
    <>
      <Fields>
        {field('steel', 'Steel of the coupon')}
        {field('fresh', 'In a fresh bath it takes')}
        {field('took', 'Today it took')}
        {field('words', 'What it looks like')}
      </Fields>
      <Tick words="It came out right" isTicked={coupon.isRight} onChange={(isRight) => put({ ...coupon, isRight })} />
      <Refused problem={problem} />
      <Row>
        <Press
          isDisabled={isBusy}
          onPress={() =>
            void run(async () => {
              await change(address, coupon);
              put(empty);
            })
          }
        >
          Keep the coupon
        </Press>
      </Row>
    </>
  );
}

function Uses({ bath }: { bath: BathView }) {
  const { problem, isBusy, run } = useCaught();
  return (
    <Panel aria-label="What was in it">
      <h2>What was in it</h2>
      {bath.uses.length === 0 && bath.cares.length === 0 ? <Quiet>Nothing yet.</Quiet> : null}
      {bath.uses.length > 0 ? (
        <Facts data-stacks>
          <thead>
            <tr>
              <th>Piece</th>
              <th>Recipe</th>
              <th>Both faces</th>
              <th>Time</th>
              <th>Depth</th>
              <th>By</th>
            </tr>
          </thead>
          <tbody>
            {bath.uses.map((use) => (
              <tr key={`${use.piece} ${use.atMillis}`}>
                <td>
                  <Link to={`/pieces/${use.piece}`}>{use.pieceName}</Link>
                </td>
                <td>{use.recipe}</td>
                <td data-head="Both faces">{use.area}</td>
                <td data-head="Time">{use.time}</td>
                <td data-head="Depth">{use.depth}</td>
                <td>
                  {use.by}, {moment(use.atMillis)}
                </td>
              </tr>
            ))}
          </tbody>
        </Facts>
      ) : null}
      {bath.cares.map((care) => (
        <Row key={care.id}>
          <span>
            {care.words}. {care.by}, {moment(care.atMillis)}
          </span>
          {bath.goneTo ? null : (
            <Press
              isDisabled={isBusy}
              onPress={() => void run(() => change(`/api/tank/baths/${bath.line.id}/cares/${care.id}/strike`))}
            >
              Strike out
            </Press>
          )}
        </Row>
      ))}
      <Refused problem={problem} />
    </Panel>
  );
}

/** Topped up, rested, mixed anew, thrown away. */
function Care({ bath }: { bath: BathView }) {
  const [done, say] = useState({ care: '', words: '' });
  const [to, setTo] = useState('');
  const { problem, isBusy, run } = useCaught();
  const go = useNavigate();
  const address = `/api/tank/baths/${bath.line.id}`;
  return (
    <Panel aria-label="What is done to it">
      <h2>What is done to it</h2>
      <Fields>
        <Choice
          label="It was"
          value={done.care}
          options={bath.careChoices}
          onChange={(care) => say({ ...done, care })}
          problem={problem?.at('care')}
        />
        <Entry
          label="With what, how much"
          name="care words"
          value={done.words}
          onChange={(words) => say({ ...done, words })}
          problem={problem?.at('words')}
        />
      </Fields>
      <Row>
        <Press
          isDisabled={isBusy}
          onPress={() =>
            void run(async () => {
              await change(`${address}/cares`, done);
              say({ care: '', words: '' });
            })
          }
        >
          Note it
        </Press>
      </Row>
      <h3>Throw it away</h3>
      <Quiet>{bath.waste}</Quiet>
      <Answer label="Baking soda until it foams no more, about" worked={bath.soda} />
      <Fields>
        <Entry
          label="As what waste, and where"
          name="gone to"
          value={to}
          onChange={setTo}
          problem={problem?.at('to')}
        />
      </Fields>
      <Refused problem={problem} />
      <Row>
        <Press
          data-kind="alarm"
          isDisabled={isBusy}
          onPress={() =>
            void run(async () => {
              await change(`${address}/gone`, { to });
              void go('/tank');
            })
          }
        >
          It is thrown away
        </Press>
      </Row>
    </Panel>
  );
}
