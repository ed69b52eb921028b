package ostium.app.site;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface SiteMapper {
    @Insert("insert into site (id, owner, key_hash, revision) values (#{id}, #{owner}, #{keyHash}, 1)")
    void insert(String id, String owner, String keyHash);

    @Select("select id, owner, key_hash, revision, edited_at, preview_round from site where id = #{id}")
    Optional<StoredSite> byId(String id);

    /** Sites an account owns or helps with. */
    @Select("select id, owner, key_hash, revision, edited_at, preview_round from site where owner = #{account}"
            + " or id in (select site from helper where account = #{account}) order by edited_at desc")
    List<StoredSite> ofAccount(String account);

    @Select("select id from site where owner = #{account}")
    List<String> ofOwner(String account);

    @Select("select count(*) from helper where site = #{site} and account = #{account}")
    int countHelper(String site, String account);

    @Update("update site set owner = #{account}, key_hash = null where id = #{site}")
    void setOwner(String site, String account);

    /** The seed of the next site. */
    @Select("select next value for draft_seed")
    long nextSeed();

    @Update("update site set preview_round = preview_round + 1 where id = #{site}")
    void endPreviews(String site);

    @Select("select count(*) from site where owner = #{account}")
    long countOfAccount(String account);

    @Select("select count(*) from site where key_hash = #{keyHash}")
    long countOfKey(String keyHash);

    @Delete("delete from site where id = #{site}")
    void delete(String site);

    @Select(
            "select id, owner, key_hash, revision, edited_at, preview_round from site where key_hash = #{keyHash} order by edited_at desc")
    List<StoredSite> ofKey(String keyHash);

    @Update("update site set owner = #{owner}, key_hash = null where key_hash = #{keyHash}")
    int claim(String owner, String keyHash);

    @Delete("delete from site where owner is null and edited_at < now(6) - interval 7 day")
    int sweep();
}
