package ostium.app.publishing;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface PublicationMapper {
    /** Locks the one row until the transaction ends, so that numbers are in the order of commits. */
    @Select("select value from change_counter where id = 1 for update")
    long lockCounter();

    @Update("update change_counter set value = #{value} where id = 1")
    void setCounter(long value);

    @Insert(
            "insert into publication (site, number, revision, sheet) values (#{site}, #{number}, #{revision}, #{sheet})")
    void insert(String site, long number, long revision, String sheet);

    @Select("select last_insert_id()")
    long lastId();

    @Insert("insert ignore into stored_file (hash, plain, gzip, brotli) values (#{hash}, #{plain}, #{gzip}, #{brotli})")
    void insertFile(String hash, byte[] plain, byte[] gzip, byte[] brotli);

    @Insert(
            "insert into publication_file (publication, path, content_type, hash) values (#{publication}, #{path}, #{contentType}, #{hash})")
    void insertPublicationFile(long publication, String path, String contentType, String hash);

    @Select("select host, site, publication from address where host = #{host}")
    Optional<Address> address(String host);

    @Select("select host, site, publication from address where site = #{site} limit 1")
    Optional<Address> addressOf(String site);

    @Insert(
            "insert into address (host, site, publication, change_no) values (#{host}, #{site}, #{publication}, #{number})"
                    + " on duplicate key update publication = #{publication}, change_no = #{number}")
    void point(String host, String site, long publication, long number);

    @Select("select coalesce(max(change_no), 0) from address")
    long newestChange();

    @Select("select host from address where change_no > #{number}")
    List<String> changedSince(long number);

    @Select(
            "select p.id, p.site, p.revision, p.sheet from publication p join address a on a.publication = p.id where a.host = #{host}")
    Optional<LivePublication> live(String host);

    @Select("select f.path, f.content_type, f.hash, s.plain, s.gzip, s.brotli from publication_file f"
            + " join stored_file s on s.hash = f.hash where f.publication = #{publication}")
    List<StoredFile> files(long publication);

    /** An address and what stands there. */
    record Address(String host, String site, Long publication) {}

    record LivePublication(long id, String site, long revision, String sheet) {}

    /** A file of a publication with its compressed forms, which may be null. */
    record StoredFile(String path, String contentType, String hash, byte[] plain, byte[] gzip, byte[] brotli) {}
}
