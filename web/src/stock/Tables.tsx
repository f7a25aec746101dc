import { Panel, Quiet, Row } from '../parts/Sheet';
import { TableIn } from '../parts/TableIn';
import { Doorways } from './Doorways';

/** The racks as a table, out and in; a table that comes in is looked at line by line before anything is kept. */
export default function Tables() {
  return (
    <>
      <h1>Tables in and out</h1>
      <Doorways />
      <Panel aria-label="Out">
        <h2>Out</h2>
        <Row>
          <a href="/api/stock/files/rack.csv">Everything on the racks (CSV)</a>
          <a href="/api/stock/files/buying.csv">What to buy (CSV)</a>
        </Row>
        <Quiet>The first line names the columns. What goes out comes in again as exactly the same.</Quiet>
      </Panel>
      <Panel aria-label="In">
        <h2>In</h2>
        <TableIn
          path="/api/stock/table"
          accepts={['.csv', 'text/csv']}
          choose="Choose a table (CSV)"
          line="line"
          lines="lines"
          where="on the racks"
        />
      </Panel>
    </>
  );
}
