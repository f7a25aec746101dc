import { useState } from 'react';
import { change } from '../api/client';
import type { AskedCycle, AskedRecipe, EtchBookView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';

interface RecipeFormProps {
  book: EtchBookView;
  address: string;
  entries: AskedRecipe;
  onDone: () => void;
}

const TUMBLED = ['TUMBLE_DRY', 'TUMBLE_WET'];

/** A recipe of the shop's own, as it is written. */
export function RecipeForm({ book, address, entries, onDone }: RecipeFormProps) {
  const [recipe, put] = useState(entries);
  const { problem, isBusy, run } = useCaught();
  const field = (
    key: 'name' | 'degrease' | 'grit' | 'firstLook' | 'more' | 'neutraliser' | 'endGrit' | 'endTime',
    label: string,
  ) => (
    <Entry
      label={label}
      name={`recipe ${key}`}
      value={recipe[key]}
      onChange={(value) => put({ ...recipe, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  const cycles = recipe.cycles.map((cycle, index) => (
    <CycleFields
      // Cycles have no name but their place.
      key={index}
      number={index}
      cycle={cycle}
      book={book}
      problemAt={(key) => problem?.at(`cycles.${index}.${key}`)}
      onChange={(next) => put({ ...recipe, cycles: recipe.cycles.map((each, at) => (at === index ? next : each)) })}
    />
  ));
  const last = recipe.cycles.at(-1);
  return (
    <>
      <Fields>
        {field('name', 'Called')}
        <Choice
          label="In"
          value={recipe.liquid}
          options={book.liquids}
          onChange={(liquid) => put({ ...recipe, liquid })}
          problem={problem?.at('liquid')}
        />
        <Choice
          label="For"
          value={recipe.steel}
          options={book.steels}
          onChange={(steel) => put({ ...recipe, steel })}
          problem={problem?.at('steel')}
        />
        {field('grit', 'Sanded to')}
        {field('degrease', 'Degreased with')}
        {field('firstLook', 'First look after')}
      </Fields>
      <Fields role="group" aria-label="For which finish">
        {book.finishes.map((finish) => (
          <Tick
            key={finish.value}
            words={finish.words}
            isTicked={recipe.finishes.includes(finish.value)}
            onChange={(isTicked) =>
              put({
                ...recipe,
                finishes: isTicked
                  ? [...recipe.finishes, finish.value]
                  : recipe.finishes.filter((each) => each !== finish.value),
              })
            }
          />
        ))}
      </Fields>
      {problem?.at('finishes') ? <Trouble role="alert">{problem.at('finishes')}</Trouble> : null}
      <h4>Cycles</h4>
      {cycles}
      {problem?.at('cycles') ? <Trouble role="alert">{problem.at('cycles')}</Trouble> : null}
      <Row>
        <Press
          onPress={() =>
            put({ ...recipe, cycles: [...recipe.cycles, last ?? { bath: '5 min', between: 'WIPE', grit: '' }] })
          }
        >
          One cycle more
        </Press>
        {recipe.cycles.length > 1 ? (
          <Press onPress={() => put({ ...recipe, cycles: recipe.cycles.slice(0, -1) })}>One less</Press>
        ) : null}
      </Row>
      <Fields>
        {field('more', 'Cycles that may follow by the look')}
        {field('neutraliser', 'Neutralised with')}
      </Fields>
      <h4>Afterwards</h4>
      {recipe.afterBaths.map((bath, index) => (
        <Fields key={index}>
          <Choice
            label="Into"
            value={bath.liquid}
            options={book.liquids}
            onChange={(liquid) => put({ ...recipe, afterBaths: withAt(recipe.afterBaths, index, { ...bath, liquid }) })}
            problem={problem?.at(`afterBaths.${index}.liquid`)}
          />
          <Entry
            label="For"
            name={`after ${index} time`}
            value={bath.time}
            onChange={(time) => put({ ...recipe, afterBaths: withAt(recipe.afterBaths, index, { ...bath, time }) })}
            problem={problem?.at(`afterBaths.${index}.time`)}
          />
          <Entry
            label="In words"
            name={`after ${index} words`}
            value={bath.words}
            onChange={(words) => put({ ...recipe, afterBaths: withAt(recipe.afterBaths, index, { ...bath, words }) })}
          />
        </Fields>
      ))}
      <Row>
        <Press
          onPress={() =>
            put({ ...recipe, afterBaths: [...recipe.afterBaths, { liquid: 'COFFEE', time: '1 h', words: '' }] })
          }
        >
          An after-bath
        </Press>
        {recipe.afterBaths.length > 0 ? (
          <Press onPress={() => put({ ...recipe, afterBaths: recipe.afterBaths.slice(0, -1) })}>One less</Press>
        ) : null}
      </Row>
      <Fields>
        <Choice
          label="Then"
          value={recipe.end}
          options={book.ends}
          onChange={(end) => put({ ...recipe, end })}
          problem={problem?.at('end')}
        />
        {recipe.end === 'POLISH_BACK' ? field('endGrit', 'Grit') : null}
        {TUMBLED.includes(recipe.end) ? field('endTime', 'For how long') : null}
      </Fields>
      <Refused problem={problem} />
      <Row>
        <Press
          data-kind="main"
          isDisabled={isBusy}
          onPress={() =>
            void run(async () => {
              await change(address, recipe);
              onDone();
            })
          }
        >
          Keep the recipe
        </Press>
        <Press onPress={onDone}>Leave it</Press>
      </Row>
    </>
  );
}

const withAt = <T,>(all: readonly T[], index: number, next: T): T[] =>
  all.map((each, at) => (at === index ? next : each));

interface CycleFieldsProps {
  number: number;
  cycle: AskedCycle;
  book: EtchBookView;
  problemAt: (key: keyof AskedCycle) => string | undefined;
  onChange: (cycle: AskedCycle) => void;
}

function CycleFields({ number, cycle, book, problemAt, onChange }: CycleFieldsProps) {
  return (
    <Fields role="group" aria-label={`Cycle ${number + 1}`}>
      <Entry
        label={`Cycle ${number + 1}, in the bath`}
        name={`cycle ${number} bath`}
        value={cycle.bath}
        onChange={(bath) => onChange({ ...cycle, bath })}
        problem={problemAt('bath')}
      />
      <Choice
        label="Then"
        value={cycle.between}
        options={book.betweens}
        onChange={(between) => onChange({ ...cycle, between })}
        problem={problemAt('between')}
      />
      {book.withGrit.includes(cycle.between) ? (
        <Entry
          label="Grit"
          name={`cycle ${number} grit`}
          value={cycle.grit}
          onChange={(grit) => onChange({ ...cycle, grit })}
          problem={problemAt('grit')}
        />
      ) : null}
    </Fields>
  );
}
