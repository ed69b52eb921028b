package ostium.app.files;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface FileMapper {
    // ---- files ---------------------------------------------------------------------------------------------------

    @Insert("insert ignore into kept_file (holder, hash, content_type, size)"
            + " values (#{holder}, #{hash}, #{contentType}, #{size})")
    int insert(String holder, String hash, String contentType, long size);

    @Select("select id from kept_file where holder = #{holder} and hash = #{hash}")
    Optional<Long> find(String holder, String hash);

    @Insert("insert into kept_file_piece (file, position, bytes) values (#{file}, #{position}, #{bytes})")
    void insertPiece(long file, int position, byte[] bytes);

    @Select("select bytes from kept_file_piece where file = #{file} order by position")
    List<byte[]> pieces(long file);

    @Insert("insert into site_file (site, file) values (#{site}, #{file})"
            + " on duplicate key update given_at = now(6)")
    void link(String site, long file);

    @Select("select count(*) from site_file where site = #{site}")
    int countOfSite(String site);

    @Select("select coalesce(sum(f.size), 0) from site_file s join kept_file f on f.id = s.file where s.site = #{site}")
    long bytesOfSite(String site);

    /** A file that was given to a site. */
    @Select(
            "select f.id from site_file s join kept_file f on f.id = s.file where s.site = #{site} and f.hash = #{hash}")
    Optional<Long> ofSite(String site, String hash);

    // ---- another owner -------------------------------------------------------------------------------------------

    @Select("select f.id, f.hash from site_file s join kept_file f on f.id = s.file"
            + " where s.site = #{site} and f.holder <> #{holder}")
    List<HeldFile> heldByOthers(String site, String holder);

    @Select("select count(*) from site_file where file = #{file} and site <> #{site}")
    int countOtherSites(long file, String site);

    @Update("update kept_file set holder = #{holder} where id = #{file}")
    void setHolder(long file, String holder);

    @Insert("insert into kept_file (holder, hash, content_type, size)"
            + " select #{holder}, hash, content_type, size from kept_file where id = #{file}")
    void copy(long file, String holder);

    @Insert("insert into kept_file_piece (file, position, bytes)"
            + " select #{to}, position, bytes from kept_file_piece where file = #{from}")
    void copyPieces(long from, long to);

    @Delete("delete from site_file where site = #{site} and file = #{file}")
    void unlink(String site, long file);

    // ---- sizes of pictures ---------------------------------------------------------------------------------------

    @Insert("insert ignore into rendition (file, path, name, width, height, format, treatment)"
            + " values (#{file}, #{path}, #{name}, #{width}, #{height}, #{format}, #{treatment})")
    void want(long file, String path, String name, int width, int height, String format, String treatment);

    /** Sizes somebody goes on wanting; a row is touched once a day at most. */
    @Update("update rendition set wanted_at = now(6)"
            + " where file = #{file} and name = #{name} and wanted_at < now(6) - interval 1 day")
    void stillWant(long file, String name);

    @Select("select path, width, height, format, treatment from rendition"
            + " where file = #{file} and name = #{name} and size is null order by width")
    List<WantedSize> wanted(long file, String name);

    @Select("select count(*) as planned, count(size) as made from rendition where file = #{file} and name = #{name}")
    Progress progress(long file, String name);

    @Insert("insert into rendition_piece (file, path, position, bytes) values (#{file}, #{path}, #{position}, #{bytes})"
            + " on duplicate key update bytes = #{bytes}")
    void insertSizePiece(long file, String path, int position, byte[] bytes);

    @Update("update rendition set size = #{size} where file = #{file} and path = #{path}")
    void made(long file, String path, long size);

    @Select("select p.bytes from rendition r join rendition_piece p on p.file = r.file and p.path = r.path"
            + " join site_file s on s.file = r.file"
            + " where s.site = #{site} and r.path = #{path} and r.size is not null order by p.position")
    List<byte[]> sizePieces(String site, String path);

    // ---- what nothing refers to ----------------------------------------------------------------------------------

    /** Files that no edit, state or version of their site has named within a day of being given; nothing is locked. */
    @Select("select s.site, s.file from site_file s join kept_file f on f.id = s.file"
            + " where s.given_at < now(6) - interval 1 day"
            + " and not exists (select 1 from edit e where e.site = s.site and e.entry like concat('%', f.hash, '%'))"
            + " and not exists (select 1 from snapshot n where n.site = s.site and n.state like concat('%', f.hash, '%'))"
            + " and not exists"
            + " (select 1 from publication p where p.site = s.site and p.state like concat('%', f.hash, '%'))")
    List<Spare> unnamed();

    /** Unless it has been given again meanwhile. */
    @Delete("delete from site_file where site = #{site} and file = #{file} and given_at < now(6) - interval 1 day")
    int unlinkOld(String site, long file);

    @Select("select id from kept_file f where not exists (select 1 from site_file s where s.file = f.id)")
    List<Long> unlinked();

    @Delete("delete from kept_file where id = #{file} and not exists (select 1 from site_file where file = #{file})")
    int deleteUnlinked(long file);

    @Select("select file, path from rendition where wanted_at < now(6) - interval 30 day")
    List<OldSize> oldSizes();

    /** Unless somebody has wanted it again meanwhile. */
    @Delete("delete from rendition where file = #{file} and path = #{path}"
            + " and wanted_at < now(6) - interval 30 day")
    int deleteOldSize(long file, String path);

    /** A file and its content. */
    record HeldFile(long id, String hash) {}

    /** A file of a site that may go. */
    record Spare(String site, long file) {}

    /** A size nobody has wanted for a month. */
    record OldSize(long file, String path) {}

    /** A size that is still to be made. */
    record WantedSize(String path, int width, int height, String format, String treatment) {}

    /** How many sizes there will be, and how many there are. */
    record Progress(int planned, int made) {}
}
