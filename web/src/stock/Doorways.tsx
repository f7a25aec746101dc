import { NavLink } from 'react-router';
import { Doors } from './Stock.styles';

/** The rooms of the store. */
export function Doorways() {
  return (
    <Doors aria-label="The store">
      <NavLink to="/stock" end>
        Racks
      </NavLink>
      <NavLink to="/stock/receive">Something came</NavLink>
      <NavLink to="/stock/cutting">Cut bars</NavLink>
      <NavLink to="/stock/buying">To buy</NavLink>
      <NavLink to="/stock/claims">Claims</NavLink>
      <NavLink to="/stock/table">Tables in and out</NavLink>
    </Doors>
  );
}
