import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { read } from '../api/client';
import type { ClientLine } from '../api/schema';
import { Entry } from '../parts/Entry';
import { Facts } from '../parts/Facts';
import { Panel, Quiet } from '../parts/Sheet';
import { dayWithYearOf } from '../parts/words';

/** Everybody who asked for something, with how much was made for them and when they had the last of it. */
export default function ClientsPage() {
  const { data } = useQuery({ queryKey: ['piece', 'clients'], queryFn: () => read<ClientLine[]>('/api/clients') });
  const [words, setWords] = useState('');
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  const shown = data.filter((client) =>
    `${client.name} ${client.contact}`.toLocaleLowerCase().includes(words.trim().toLocaleLowerCase()),
  );
  return (
    <>
      <h1>Clients</h1>
      <Panel aria-label="Clients">
        {data.length > 8 ? <Entry label="Name" isPassing value={words} onChange={setWords} /> : null}
        {data.length === 0 ? (
          <Quiet>Nobody has asked for anything yet: the first client comes with their first commission.</Quiet>
        ) : (
          <Facts>
            <thead>
              <tr>
                <th>Client</th>
                <th>Being made</th>
                <th>Delivered</th>
                <th>The last</th>
              </tr>
            </thead>
            <tbody>
              {shown.map((client) => (
                <tr key={client.id}>
                  <td>
                    <Link to={`/clients/${client.id}`}>{client.name}</Link>
                  </td>
                  <td>{client.living || '—'}</td>
                  <td>{client.delivered || '—'}</td>
                  <td>{client.lastAtMillis > 0 ? dayWithYearOf(client.lastAtMillis) : '—'}</td>
                </tr>
              ))}
            </tbody>
          </Facts>
        )}
      </Panel>
    </>
  );
}
