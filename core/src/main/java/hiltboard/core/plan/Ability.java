package hiltboard.core.plan;

/** What somebody can do at a station. Whoever has said nothing of any station can work at all of them. */
public enum Ability {
    CAN,
    LEARNS,
    NOT
}
