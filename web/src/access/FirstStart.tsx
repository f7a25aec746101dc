import { useState } from 'react';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { LookAround } from './LookAround';
import { Doorway } from './Doorway';
import { NewPassword } from './NewPassword';
import { LENGTH_UNITS, TEMPERATURE_UNITS } from './units';
import { useSigning } from './useSession';

const EMPTY = {
  code: '',
  shopName: '',
  lengthUnit: 'INCH',
  temperatureUnit: 'FAHRENHEIT',
  ownerName: '',
  signInName: '',
  password: '',
};

/** An empty shop says what to do first. */
export function FirstStart() {
  const { setUp } = useSigning();
  const { problem, isBusy, run } = useCaught();
  const [setup, setSetup] = useState(EMPTY);
  const put = (field: keyof typeof EMPTY) => (value: string) => setSetup({ ...setup, [field]: value });
  const wrong = (field: string) => problem?.at(field);
  return (
    <Doorway title="A new shop">
      <Panel>
        <h2>Open the shop</h2>
        <Quiet>The code was printed where the server was started.</Quiet>
        <Row>
          <LookAround from="/api/setup/demo" />
        </Row>
        <Entry label="One-time code" name="code" value={setup.code} onChange={put('code')} problem={wrong('code')} />
        <Entry
          label="Name of the shop"
          name="shopName"
          value={setup.shopName}
          onChange={put('shopName')}
          problem={wrong('shopName')}
        />
        <Choice label="Lengths" value={setup.lengthUnit} options={LENGTH_UNITS} onChange={put('lengthUnit')} />
        <Choice
          label="Temperatures"
          value={setup.temperatureUnit}
          options={TEMPERATURE_UNITS}
          onChange={put('temperatureUnit')}
        />
        <Entry
          label="Your name"
          name="ownerName"
          value={setup.ownerName}
          onChange={put('ownerName')}
          problem={wrong('name')}
        />
        <Entry
          label="Sign-in name"
          name="signInName"
          value={setup.signInName}
          onChange={put('signInName')}
          problem={wrong('signInName')}
          autoComplete="username"
        />
        <NewPassword label="Password" value={setup.password} onChange={put('password')} problem={wrong('password')} />
        <Refused problem={problem} />
        <div>
          <Press data-kind="main" isDisabled={isBusy} onPress={() => void run(() => setUp(setup))}>
            Open the shop
          </Press>
        </div>
      </Panel>
    </Doorway>
  );
}
