package hiltboard.server.job;

import hiltboard.core.route.Anew;

/** A room that keeps what was measured of a piece; part of the change that opens finished work again. */
public interface FollowsWork {
    /** What was measured of the old part no longer counts. */
    void begunAnew(long piece, Anew anew, long atMillis);
}
