import type { BilletReading, CladView } from '../api/schema';
import { Facts } from '../parts/Facts';
import { Panel, Quiet, Trouble } from '../parts/Sheet';
import { Working } from '../parts/Working';
import { Figures } from './Forge.styles';

/** The finished billet in numbers. */
export function Finished({ reading, blades }: { reading: BilletReading; blades: string }) {
  const { result } = reading;
  return result ? (
    <Panel aria-label="The finished billet">
      <Figures>
        <Figure label="Section" words={result.section} />
        <Figure label="Length" words={result.length} />
        <Figure label="Layers" words={String(result.layers)} />
        <Figure label="A layer, about" words={result.layerThickness} />
        <Figure label="Weight" words={result.weight} />
        <Figure label="Blades in it" words={`${result.blades}, ${blades} wanted`} />
      </Figures>
      {result.isEnough ? null : (
        <Trouble>
          Too short: {blades} {blades === '1' ? 'blade takes' : 'blades take'} {result.takes}.
        </Trouble>
      )}
    </Panel>
  ) : null;
}

/** The bars to cut and what they cost. */
export function Bars({ reading }: { reading: BilletReading }) {
  const { bars, cost } = reading;
  return bars.length > 0 ? (
    <Panel aria-label="Bars to cut">
      <h2>Bars to cut</h2>
      <Facts>
        <tbody>
          {bars.map((bar) => (
            <tr key={bar.words}>
              <td>{bar.words}</td>
              <td data-stale={bar.there < bar.count || undefined}>
                {bar.there < bar.count ? `only ${bar.there} on the racks` : 'on the racks'}
              </td>
            </tr>
          ))}
        </tbody>
      </Facts>
      {cost.cost ? (
        <p>
          Bars cost <strong>{cost.cost}</strong>, lost ends and scale with them: <strong>{cost.perBlade}</strong> a
          blade.
        </p>
      ) : null}
      {cost.missing.length > 0 ? <Quiet>Without a price: {cost.missing.join(', ')}.</Quiet> : null}
    </Panel>
  ) : null;
}

function Figure({ label, words }: { label: string; words: string }) {
  return (
    <div>
      <dt>{label}</dt>
      <dd>{words}</dd>
    </div>
  );
}

/** Where each layer comes out on the bevel, on both sides, and how unevenly it may be forged. */
export function Clad({ clad }: { clad: CladView }) {
  return (
    <Panel aria-label="Layers on the bevel">
      <h2>Layers on the bevel</h2>
      {clad.problem ? <Trouble>{clad.problem}</Trouble> : null}
      {clad.surfacings.length > 0 ? (
        <Facts>
          <thead>
            <tr>
              <th>Begins above the edge</th>
              <th>Core in the middle</th>
              <th>Core towards this side</th>
              <th>Away from it</th>
            </tr>
          </thead>
          <tbody>
            {clad.surfacings.map((each, index) => (
              <tr key={`${each.layer} ${index}`}>
                <td>{each.layer}</td>
                <td>{each.middle || 'not on the bevel'}</td>
                <td>{each.towards || 'not on the bevel'}</td>
                <td>{each.away || 'not on the bevel'}</td>
              </tr>
            ))}
          </tbody>
        </Facts>
      ) : null}
      {clad.tolerance ? (
        <p>
          The core may lie <strong>{clad.tolerance}</strong> off the middle before a layer is lost. Test-etch the edge
          before the faces are ground.
        </p>
      ) : null}
      {clad.working.map((line) => (
        <p key={line}>
          <Working>{line}</Working>
        </p>
      ))}
    </Panel>
  );
}
