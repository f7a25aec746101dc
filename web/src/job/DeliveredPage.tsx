import { useInfiniteQuery } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import { read } from '../api/client';
import type { DeliveredView } from '../api/schema';
import { Choice } from '../parts/Choice';
import { Facts } from '../parts/Facts';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { dayWithYearOf } from '../parts/words';

/** What left the shop, by year, construction and client, the latest first. */
export default function DeliveredPage() {
  const [search, setSearch] = useSearchParams();
  const year = search.get('year') ?? '0';
  const construction = search.get('construction') ?? '';
  const client = search.get('client') ?? '0';
  const { data, hasNextPage, fetchNextPage, isFetchingNextPage } = useInfiniteQuery({
    queryKey: ['piece', 'delivered', year, construction, client],
    queryFn: ({ pageParam }) =>
      read<DeliveredView>(
        `/api/delivered?year=${year}&construction=${construction}&client=${client}&before=${pageParam}`,
      ),
    initialPageParam: 0,
    getNextPageParam: (last) => last.before || undefined,
  });
  const [first] = data?.pages ?? [];
  if (!data || !first) {
    return <Quiet>One moment…</Quiet>;
  }
  const choose = (name: string) => (value: string) =>
    setSearch((before) => {
      before.set(name, value);
      return before;
    });
  const pieces = data.pages.flatMap((page) => page.pieces);
  return (
    <>
      <h1>Delivered</h1>
      <Panel aria-label="Delivered knives">
        <Row>
          <Choice
            label="Year"
            value={year}
            options={[
              { value: '0', words: 'Every year' },
              ...first.years.map((each) => ({ value: String(each), words: String(each) })),
            ]}
            onChange={choose('year')}
          />
          <Choice
            label="Construction"
            value={construction}
            options={[
              { value: '', words: 'Every construction' },
              ...first.constructions.map((each) => ({ value: each.name, words: each.words })),
            ]}
            onChange={choose('construction')}
          />
          {client === '0' ? null : (
            <Press onPress={() => choose('client')('0')}>Only {pieces[0]?.clientName ?? 'one client'}: show all</Press>
          )}
        </Row>
        {pieces.length === 0 ? (
          <Quiet>Nothing like this has left the shop. What is handed over is listed here from then on.</Quiet>
        ) : (
          <Facts>
            <thead>
              <tr>
                <th>Piece</th>
                <th>For</th>
                <th>What</th>
                <th>Left the shop</th>
              </tr>
            </thead>
            <tbody>
              {pieces.map((piece) => (
                <tr key={piece.id}>
                  <td>
                    <Link to={`/pieces/${piece.id}`}>{piece.name}</Link> {piece.title}
                  </td>
                  <td>
                    <Link to={`/clients/${piece.clientId}`}>{piece.clientName}</Link>
                  </td>
                  <td>
                    {piece.construction}, {piece.about}
                  </td>
                  <td>{dayWithYearOf(piece.handedOverAtMillis)}</td>
                </tr>
              ))}
            </tbody>
          </Facts>
        )}
        {hasNextPage ? (
          <div>
            <Press isDisabled={isFetchingNextPage} onPress={() => void fetchNextPage()}>
              Earlier ones
            </Press>
          </div>
        ) : null}
      </Panel>
    </>
  );
}
