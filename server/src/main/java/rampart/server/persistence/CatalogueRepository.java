package rampart.server.persistence;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import rampart.formats.material.CatalogueFile;

/** Keeps every catalogue that a revision was made on, once each. */
@Repository
public class CatalogueRepository {
    private final JdbcClient jdbc;

    CatalogueRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    String byHash(String hash) {
        return jdbc.sql("SELECT document FROM catalogue WHERE hash = ?")
                .param(hash)
                .query(String.class)
                .single();
    }

    void keep(CatalogueFile catalogue) {
        jdbc.sql("INSERT IGNORE INTO catalogue (hash, document) VALUES (?, ?)")
                .params(catalogue.hash(), catalogue.document())
                .update();
    }
}
