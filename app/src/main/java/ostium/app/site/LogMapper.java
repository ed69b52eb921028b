package ostium.app.site;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import ostium.core.edit.Steps;

@Mapper
interface LogMapper {
    /** Locks the site until the transaction ends, so that its edits come one after another. */
    @Select("select revision from site where id = #{site} for update")
    Optional<Long> lockRevision(String site);

    @Select("select revision from site where id = #{site}")
    Optional<Long> revision(String site);

    @Update("update site set revision = #{revision}, edited_at = now(6) where id = #{site}")
    void setRevision(String site, long revision);

    @Insert("insert into edit (site, number, edit_key, author, way, undoes, entry)"
            + " values (#{site}, #{number}, #{key}, #{author}, #{way}, #{undoes}, #{entry})")
    void insert(String site, long number, String key, String author, Steps.Way way, Long undoes, String entry);

    @Select("select count(*) from edit where site = #{site} and edit_key = #{key}")
    int countKey(String site, String key);

    @Select("select number, edit_key, author, entry from edit"
            + " where site = #{site} and number > #{after} and number <= #{upTo} order by number")
    List<LoggedEdit> entries(String site, long after, long upTo);

    @Select("select number, edit_key, author, entry from edit where site = #{site} and number = #{number}")
    Optional<LoggedEdit> entry(String site, long number);

    @Select("select number, author, way, undoes from edit where site = #{site}"
            + " and number > #{after} and (author = #{author} or way = 'BEGIN') order by number")
    List<LoggedStep> steps(String site, String author, long after);

    @Insert("insert into snapshot (site, number, state) values (#{site}, #{number}, #{state})")
    void insertSnapshot(String site, long number, String state);

    @Select(
            "select number, state from snapshot where site = #{site} and number <= #{upTo} order by number desc limit 1")
    Optional<StoredState> snapshot(String site, long upTo);

    @Update("update edit set author = #{account} where author = #{keyHash}")
    void claim(String account, String keyHash);

    @Insert(
            "insert into words_aside (id, site, text, author, tree) values (#{id}, #{site}, #{text}, #{author}, #{tree})")
    void insertAside(String id, String site, String text, String author, String tree);

    @Select("select id, text, author, tree, made_at from words_aside where site = #{site} order by made_at, id")
    List<StoredWords> asides(String site);

    @Select("select count(*) from words_aside where site = #{site}")
    long countAsides(String site);

    @Delete("delete from words_aside where site = #{site} and id = #{id}")
    int deleteAside(String site, String id);

    /** Of each site whose log is longer than that, the whole state that the newest so many steps stand on. */
    @Select("select s.id as site, max(n.number) as number from site s join snapshot n on n.site = s.id"
            + " where n.number <= s.revision - #{kept} group by s.id")
    List<OldestKept> longerThan(long kept);

    @Delete("delete from snapshot where site = #{site} and number < #{number}")
    int deleteSnapshotsBefore(String site, long number);

    @Delete("delete from edit where site = #{site} and number <= #{number} order by number limit #{most}")
    int deleteUpTo(String site, long number, int most);

    /** A whole state, and the steps behind it, from which a site is replayed. */
    record OldestKept(String site, long number) {}

    record LoggedEdit(long number, String editKey, String author, String entry) {}

    record LoggedStep(long number, String author, Steps.Way way, Long undoes) {}

    record StoredState(long number, String state) {}

    record StoredWords(String id, String text, String author, String tree, Instant madeAt) {}
}
