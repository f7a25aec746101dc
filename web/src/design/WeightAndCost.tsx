import { Link } from 'react-router';
import type { Figures, MissingView } from '../api/schema';
import { Panel, Quiet } from '../parts/Sheet';
import { minutes } from '../parts/words';
import { Cuts, Sheets, Table } from './Consult.styles';

/** Pixels to a millimetre, so that sections can be compared with each other. */
const SCALE = 5;

/** Something that has to be bought: from whom and how long it takes, as far as that is known. */
export const missingWords = (each: MissingView): string =>
  `${each.words}${each.supplier ? `, from ${each.supplier}` : ''}${each.leadDays ? `, ${each.leadDays} days` : ''}`;

/** What each part weighs, how the blade thins along its length, and what the materials cost. */
export function WeightAndCost({
  figures,
  work,
  missing,
}: {
  figures: Figures;
  work: number;
  missing: readonly MissingView[];
}) {
  return (
    <Sheets>
      <Panel aria-label="Weight">
        <h2>Weight</h2>
        <Table>
          <tbody>
            {figures.parts.map((part) => (
              <tr key={part.name}>
                <td>{part.name}</td>
                <td>{part.mass}</td>
              </tr>
            ))}
            <tr>
              <th>Together</th>
              <td>
                <strong>{figures.figures.find((figure) => figure.key === 'weight')?.words}</strong>
              </td>
            </tr>
          </tbody>
        </Table>
        <Quiet>
          Pins count as solid brass.
          {figures.weighsWithout.length > 0 ? ` Left out: ${figures.weighsWithout.join(', ')}.` : ''}
        </Quiet>
      </Panel>
      <Panel aria-label="Sections">
        <h2>Sections</h2>
        <Cuts>
          {figures.sections.map((cut) => (
            <figure key={cut.name}>
              <svg
                width={cut.width * SCALE}
                height={cut.height * SCALE}
                viewBox={`${-cut.width / 2} ${-cut.height} ${cut.width} ${cut.height}`}
                aria-hidden="true"
              >
                <path d={cut.path} />
              </svg>
              <figcaption>{cut.name}</figcaption>
            </figure>
          ))}
        </Cuts>
        <Table>
          <thead>
            <tr>
              <th>From the heel</th>
              <th>Wide</th>
              <th>Thick</th>
              <th>Bevel</th>
              <th>A side</th>
            </tr>
          </thead>
          <tbody>
            {figures.stations.map((station) => (
              <tr key={station.fromHeel}>
                <td>{station.fromHeel}</td>
                <td>{station.width}</td>
                <td>{station.thickness}</td>
                <td>{station.bevelHeight}</td>
                <td>{station.anglePerSide}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      </Panel>
      <Panel aria-label="Cost">
        <h2>Cost</h2>
        <Table>
          <tbody>
            {figures.cost.map((line) => (
              <tr key={line.words}>
                <td>
                  {line.words} <small>({line.amount})</small>
                </td>
                <td>{line.cost || 'no price'}</td>
              </tr>
            ))}
            <tr>
              <th>Materials</th>
              <td>
                <strong>{figures.materialCost}</strong>
              </td>
            </tr>
            <tr>
              <th>Hands-on work, {minutes(work)}</th>
              <td>{figures.workCost || 'no price for an hour'}</td>
            </tr>
          </tbody>
        </Table>
        {figures.missingPrices.length > 0 ? <Quiet>Without a price: {figures.missingPrices.join(', ')}.</Quiet> : null}
        <Link to="/prices">The shop’s prices</Link>
        <h2>To be bought for it</h2>
        {missing.length === 0 ? <Quiet>Everything that it needs is free on the racks.</Quiet> : null}
        <ul>
          {missing.map((each) => (
            <li key={each.words}>{missingWords(each)}</li>
          ))}
        </ul>
      </Panel>
    </Sheets>
  );
}
