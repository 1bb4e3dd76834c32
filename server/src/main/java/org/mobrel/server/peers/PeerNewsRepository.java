package org.mobrel.server.peers;

import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What the servers of one database tell each other. */
@Repository
class PeerNewsRepository {

    private final JdbcClient db;

    PeerNewsRepository(JdbcClient db) {
        this.db = db;
    }

    /** @param kind run, change or replaced */
    record News(long number, String kind, String item, String page) {}

    void tell(String server, String kind, String item, String page) {
        db.sql(
                        "INSERT INTO server_news (server, kind, item, page, told_at) VALUES (:server, :kind, :item, :page, UTC_TIMESTAMP(3))")
                .param("server", server)
                .param("kind", kind)
                .param("item", item)
                .param("page", page)
                .update();
    }

    /**
     * What others told in the last seconds, whether it was heard or not: numbers are given before they are committed, so that a later one may
     * be seen first.
     */
    List<News> ofOthers(String server, int seconds) {
        return db.sql(
                        """
                        SELECT number, kind, item, page FROM server_news
                        WHERE told_at > UTC_TIMESTAMP(3) - INTERVAL :seconds SECOND AND server <> :server
                        ORDER BY number
                        """)
                .param("seconds", seconds)
                .param("server", server)
                .query(News.class)
                .list();
    }

    void forgetOld(int minutes) {
        db.sql("DELETE FROM server_news WHERE told_at < UTC_TIMESTAMP(3) - INTERVAL :minutes MINUTE")
                .param("minutes", minutes)
                .update();
    }
}
