import { Button } from 'react-aria-components';
import { Link } from 'react-router';
import { css, styled } from 'styled-components';

const looks = css`
  min-height: 44px;
  padding: 0.4rem 1rem;
  border-radius: 4px;
  border: 1.5px solid ${({ theme }) => theme.blue};
  background: ${({ theme }) => theme.sheet};
  color: ${({ theme }) => theme.blue};
  font-family: ${({ theme }) => theme.label};
  font-weight: 600;
  font-size: 1.05rem;
  cursor: pointer;
  text-align: center;
  &[data-kind='main'] {
    background: ${({ theme }) => theme.blue};
    color: #fff;
  }
  &[data-kind='alarm'] {
    border-color: ${({ theme }) => theme.alarm};
    color: ${({ theme }) => theme.alarm};
  }
  &[data-large] {
    min-height: 56px;
    font-size: 1.2rem;
    padding: 0.5rem 1.3rem;
  }
  &[data-hovered] {
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  &[data-pressed] {
    transform: translateY(1px);
  }
  &[data-disabled] {
    opacity: 0.55;
    cursor: default;
  }
`;

/** A button that can be hit with a thumb. `data-kind` is main, plain or alarm; `data-large` is for the bench. */
export const Press = styled(Button)`
  ${looks}
`;

/** A way to another page that looks like what is pressed. */
export const WayTo = styled(Link)`
  ${looks}
  display: inline-flex;
  align-items: center;
  text-decoration: none;
`;
