package ostium.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The application works as somebody who reads and writes rows; whoever got hold of its connection could do no more. */
class DatabaseUsersTest {
    @BeforeAll
    static void start() {
        RunningOstium.get();
    }

    @Test
    void rowsCanBeReadAndWritten() throws SQLException {
        try (Connection connection = RunningOstium.database().connectAsApplication();
                Statement statement = connection.createStatement()) {
            assertThat(statement.executeUpdate("delete from site where id = 'no such site'"))
                    .isZero();
            try (ResultSet grants = statement.executeQuery("show grants")) {
                StringBuilder all = new StringBuilder();
                while (grants.next()) {
                    all.append(grants.getString(1)).append('\n');
                }
                assertThat(all.toString())
                        .contains("GRANT SELECT, INSERT, UPDATE, DELETE ON `ostium%`.*")
                        .doesNotContain("ALL PRIVILEGES");
            }
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "create table own (id int)",
                "drop table site",
                "alter table site add column own int",
                "truncate table site",
                "create database ostium_own",
                "grant select on *.* to 'ostium'@'127.0.0.1'",
                "create user 'own'@'127.0.0.1'",
                "select * into outfile '/tmp/ostium-own' from site",
                "select user from mysql.user",
                "set global general_log = 1"
            })
    void nothingElseCanBeDone(String sql) throws SQLException {
        try (Connection connection = RunningOstium.database().connectAsApplication();
                Statement statement = connection.createStatement()) {
            assertThatThrownBy(() -> statement.execute(sql))
                    .isInstanceOf(SQLException.class)
                    .hasMessageContaining("denied");
        }
    }
}
