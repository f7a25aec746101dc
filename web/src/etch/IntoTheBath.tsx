import { useState } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { PieceTankView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Quiet, Row, Trouble } from '../parts/Sheet';
import { Answer } from '../parts/Answer';
import { BatchPlan } from './BatchPlan';
import { Swatch } from './Etch.styles';
import { toneColour } from '../blade/tone';

interface IntoTheBathProps {
  /** The piece whose recipes and baths are chosen from; the others of it go in by the same. */
  room: PieceTankView;
  pieces: readonly number[];
  words: string;
  onDone?: () => void;
}

/** Which recipe, in which bath, and whether a coupon was tried: then the clocks stand ready. */
export function IntoTheBath({ room, pieces, words, onDone }: IntoTheBathProps) {
  const [chosen, choose] = useState({ recipe: '', bath: '', noCoupon: '' });
  const { problem, isBusy, run } = useCaught();
  const usual = room.recipes.find((each) => each.isUsual) ?? room.recipes[0];
  const recipe = room.recipes.find((each) => each.key === chosen.recipe) ?? usual;
  const fitting = room.baths.filter((bath) => bath.liquid === recipe?.liquid);
  const bath = room.baths.find((each) => String(each.id) === chosen.bath) ?? fitting[0] ?? room.baths[0];
  if (!recipe || !bath) {
    return (
      <Quiet>
        {recipe ? 'No bath is mixed yet.' : 'No recipe is for this finish and steel.'}{' '}
        <Link to="/tank">Write down a bath</Link> <Link to="/tank/recipes">Recipes</Link>
      </Quiet>
    );
  }
  const isUntried = room.isCouponFirst && !bath.isTried;
  const begin = () =>
    void run(async () => {
      await change('/api/tank/runs', {
        pieces,
        bath: bath.id,
        recipe: recipe.key,
        noCoupon: isUntried ? chosen.noCoupon : '',
      });
      onDone?.();
    });
  return (
    <>
      <Fields>
        <Choice
          label="By which recipe"
          value={recipe.key}
          options={room.recipes.map((each) => ({ value: each.key, words: each.name }))}
          onChange={(key) => choose({ ...chosen, recipe: key })}
          problem={problem?.at('recipe')}
        />
        <Choice
          label="In which bath"
          value={String(bath.id)}
          options={room.baths.map((each) => ({ value: String(each.id), words: each.name }))}
          onChange={(id) => choose({ ...chosen, bath: id })}
          problem={problem?.at('bath')}
        />
      </Fields>
      <p>
        <strong>{recipe.words}</strong>. {recipe.origin}.
      </p>
      <p>
        {bath.name}: {bath.longer}
      </p>
      <Answer label="So that it is covered" worked={bath.toCover} />
      {bath.tooShallow ? <Trouble>{bath.tooShallow}</Trouble> : null}
      {room.tones.map((tone) => (
        <Row key={tone.steel}>
          <Swatch
            style={{ background: toneColour(tone.darkness) }}
            role="img"
            aria-label={`${tone.steel} ${tone.words}`}
          />
          <span>
            {tone.steel} comes out <b>{tone.words}</b> {tone.relief}
          </span>
        </Row>
      ))}
      {isUntried ? (
        <>
          <Trouble>
            No coupon of this steel was tried in {bath.name} today, and this finish cannot be done again without losing
            days. <Link to={`/tank/baths/${bath.id}`}>Try a coupon</Link>
          </Trouble>
          <Entry
            label="Or why it goes in without one"
            name={`${room.piece} no coupon`}
            value={chosen.noCoupon}
            onChange={(noCoupon) => choose({ ...chosen, noCoupon })}
            problem={problem?.at('noCoupon')}
          />
        </>
      ) : null}
      {pieces.length > 1 ? <BatchPlan pieces={pieces} bath={bath.id} recipe={recipe.key} /> : null}
      <Refused problem={problem} />
      <Row>
        <Press data-kind="main" data-large isDisabled={isBusy} onPress={begin}>
          {words}
        </Press>
      </Row>
    </>
  );
}
