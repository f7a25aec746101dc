import type { FitView } from '../api/schema';
import { Facts } from '../parts/Facts';
import { Fold } from '../parts/Fold';
import { Quiet, Section, Trouble } from '../parts/Sheet';
import { capital } from '../parts/words';
import { Fits, Goes } from './Fit.styles';
import { Lines } from './Lines';

/** What goes onto the tang, and how: in words before anything is driven. */
export function Passages({ fit }: { fit: FitView }) {
  return (
    <Section aria-label="How the parts go on">
      <h3>How the parts go on</h3>
      <Fits>
        {fit.passages.map((passage) => (
          <Goes key={passage.part} data-fit={passage.fit}>
            <strong>
              {passage.part}: {passage.words}
            </strong>
            {passage.stopsShort ? <>; {passage.stopsShort}</> : null}
            <Quiet as="div">
              opening {passage.opening}
              {passage.isMeasured ? '' : ', as it is to be made'}; tang {passage.tang}
            </Quiet>
          </Goes>
        ))}
      </Fits>
      {fit.lip.length > 0 ? (
        <Fold title="How far the lip gives" comesTo={fit.lip.at(-1)?.worked.value}>
          <Lines lines={fit.lip} />
        </Fold>
      ) : null}
      <Tang fit={fit} />
      {fit.slot.length > 0 ? (
        <Fold title="The guard’s slot" comesTo={fit.slot[0]?.worked.value}>
          <Lines lines={fit.slot} />
        </Fold>
      ) : null}
    </Section>
  );
}

function Tang({ fit }: { fit: FitView }) {
  return (
    <>
      <Facts>
        <thead>
          <tr>
            <th>Tang</th>
            <th>Thick</th>
          </tr>
        </thead>
        <tbody>
          {fit.tang.map((place) => (
            <tr key={place.words}>
              <td>{place.words}</td>
              <td>
                {place.thickness}
                {place.isMeasured ? '' : ', not measured yet'}
              </td>
            </tr>
          ))}
          {fit.taper ? (
            <tr>
              <td>Thinner at its end by</td>
              <td>{fit.taper.value}</td>
            </tr>
          ) : null}
        </tbody>
      </Facts>
      {fit.taper?.cautions.map((each) => (
        <Trouble key={each}>{capital(each)}</Trouble>
      ))}
    </>
  );
}
