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
    @Insert("insert into site (id, owner, key_hash, revision, sheet) values (#{id}, #{owner}, #{keyHash}, 1, #{sheet})")
    void insert(String id, String owner, String keyHash, String sheet);

    @Select("select id, owner, key_hash, revision, sheet, edited_at from site where id = #{id}")
    Optional<StoredSite> byId(String id);

    @Select(
            "select id, owner, key_hash, revision, sheet, edited_at from site where owner = #{owner} order by edited_at desc")
    List<StoredSite> ofOwner(String owner);

    @Select(
            "select id, owner, key_hash, revision, sheet, edited_at from site where key_hash = #{keyHash} order by edited_at desc")
    List<StoredSite> ofKey(String keyHash);

    /** @return 0 when the revision is not the present one */
    @Update(
            "update site set sheet = #{sheet}, revision = revision + 1, edited_at = now(6) where id = #{id} and revision = #{revision}")
    int update(String id, long revision, String sheet);

    @Update("update site set owner = #{owner}, key_hash = null where key_hash = #{keyHash}")
    int claim(String owner, String keyHash);

    @Delete("delete from site where owner is null and edited_at < now(6) - interval 7 day")
    int sweep();
}
