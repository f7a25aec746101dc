package hiltboard.server.etch;

import hiltboard.core.etch.EtchRecipe;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** The shop's own recipes, each with all its versions. */
@Repository
class EtchRecipeRepository {
    private final JdbcClient sql;
    private final JsonMapper json;

    EtchRecipeRepository(JdbcClient sql, JsonMapper json) {
        this.sql = sql;
        this.json = json;
    }

    record OwnRecipe(long id, int version, EtchRecipe recipe, String by, long atMillis) {}

    /** The newest version of each. */
    List<OwnRecipe> own() {
        return read(sql.sql("""
                SELECT version.*, person.name AS by_name FROM etch_recipe_version AS version
                JOIN etch_recipe ON etch_recipe.id = recipe_id JOIN person ON person.id = changed_by
                WHERE dropped_at_ms IS NULL AND version =
                    (SELECT max(version) FROM etch_recipe_version WHERE recipe_id = etch_recipe.id)
                ORDER BY recipe_id
                """));
    }

    private List<OwnRecipe> read(JdbcClient.StatementSpec select) {
        return select.query((row, number) -> new OwnRecipe(
                        row.getLong("recipe_id"),
                        row.getInt("version"),
                        json.readValue(row.getString("body"), EtchRecipeFile.class)
                                .recipe(),
                        row.getString("by_name"),
                        row.getLong("changed_at_ms")))
                .list();
    }

    Optional<OwnRecipe> own(long id) {
        return own().stream().filter(recipe -> recipe.id() == id).findFirst();
    }

    /** All versions of one, the newest first. */
    List<OwnRecipe> versions(long id) {
        return read(sql.sql("SELECT etch_recipe_version.*, person.name AS by_name FROM etch_recipe_version JOIN person "
                        + "ON person.id = changed_by WHERE recipe_id = :id ORDER BY version DESC")
                .param("id", id));
    }

    /** @param from which recipe it was copied from; empty where it was written or came in as a file */
    long add(String from) {
        return sql.sql("INSERT INTO etch_recipe (copied_from) VALUES (:from) RETURNING id")
                .param("from", from)
                .query(Long.class)
                .single();
    }

    void keep(long id, EtchRecipe recipe, long person, long atMillis) {
        sql.sql("""
                INSERT INTO etch_recipe_version (recipe_id, version, body, changed_by, changed_at_ms)
                VALUES (:id, (SELECT coalesce(max(version), 0) + 1 FROM etch_recipe_version WHERE recipe_id = :id), :body, :person,
                    :at)
                """)
                .param("id", id)
                .param("body", json.writeValueAsString(EtchRecipeFile.of(recipe)))
                .param("person", person)
                .param("at", atMillis)
                .update();
    }

    void drop(long id, long atMillis) {
        sql.sql("UPDATE etch_recipe SET dropped_at_ms = :at WHERE id = :id")
                .param("at", atMillis)
                .param("id", id)
                .update();
    }
}
