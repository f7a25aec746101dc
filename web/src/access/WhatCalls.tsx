import { useState } from 'react';
import { type Call, CALLS, canNotify, hear, isHeard, sound } from '../live/calls';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { Tick } from '../parts/Tick';

/** What calls whoever is at this device, each with its own sound, and whether the system may say it too. */
export function WhatCalls() {
  const [heard, setHeard] = useState<readonly Call[]>(() =>
    CALLS.filter((each) => isHeard(each.call)).map((each) => each.call),
  );
  const choose = (what: Call, on: boolean) => {
    hear(what, on);
    setHeard(on ? [...heard, what] : heard.filter((each) => each !== what));
  };
  return (
    <Panel aria-label="What calls you here">
      <h2>What calls you at this device</h2>
      {CALLS.map((each) => (
        <Row key={each.call}>
          <Tick words={each.words} isTicked={heard.includes(each.call)} onChange={(on) => choose(each.call, on)} />
          <Press aria-label={`Hear: ${each.words}`} onPress={() => sound(each)}>
            Hear it
          </Press>
        </Row>
      ))}
      <Notify />
    </Panel>
  );
}

function Notify() {
  const [permission, setPermission] = useState(() => (canNotify() ? Notification.permission : undefined));
  switch (permission) {
    case 'granted':
      return <Quiet>While the page is not in sight, this device says it beside the page.</Quiet>;
    case 'denied':
      return <Quiet>This browser has been told not to say it beside the page: its own settings change that.</Quiet>;
    case 'default':
      return (
        <div>
          <Press onPress={() => void Notification.requestPermission().then(setPermission)}>
            Say it beside the page too
          </Press>
        </div>
      );
    default:
      return (
        <Quiet>
          A call beside the page needs an address that begins with https: the guide for owners says how the shop gets
          one. Sound and shaking work here.
        </Quiet>
      );
  }
}
