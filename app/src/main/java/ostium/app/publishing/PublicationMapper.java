package ostium.app.publishing;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface PublicationMapper {
    /** Locks the site first: whoever publishes and edits in one transaction takes the locks in this order too. */
    @Select("select id from site where id = #{site} for update")
    Optional<String> lockSite(String site);

    /** Locks the one row until the transaction ends, so that numbers are in the order of commits. */
    @Select("select value from change_counter where id = 1 for update")
    long lockCounter();

    @Update("update change_counter set value = #{value} where id = 1")
    void setCounter(long value);

    @Insert("insert into publication (site, number, revision, state, url, form, opening)"
            + " values (#{site}, #{number}, #{revision}, #{state}, #{url}, #{form}, #{opening})")
    void insert(String site, long number, long revision, String state, String url, String form, String opening);

    @Update("update publication set url = #{url}, form = #{form}, opening = #{opening} where id = #{publication}")
    void complete(long publication, String url, String form, String opening);

    @Update("update publication set opening = #{opening} where id = #{publication}")
    void setOpening(long publication, String opening);

    @Update("update address set change_no = #{number} where publication = #{publication}")
    void touch(long publication, long number);

    @Select("select publication from address where publication is not null")
    List<Long> livePublications();

    @Select("select last_insert_id()")
    long lastId();

    @Insert("insert ignore into stored_file (hash, plain, gzip, brotli) values (#{hash}, #{plain}, #{gzip}, #{brotli})")
    void insertFile(String hash, byte[] plain, byte[] gzip, byte[] brotli);

    @Insert("insert into publication_file (publication, path, content_type, hash)"
            + " values (#{publication}, #{path}, #{contentType}, #{hash})")
    void insertPublicationFile(long publication, String path, String contentType, String hash);

    @Select("select host, site, publication from address where host = #{host}")
    Optional<Address> address(String host);

    @Select("select host, site, publication from address where site = #{site} limit 1")
    Optional<Address> addressOf(String site);

    /** Takes a host that nobody has, or moves on the one a site has; a host of another site stays as it is. */
    @Insert("insert into address (host, likeness, site, publication, change_no)"
            + " values (#{host}, #{likeness}, #{site}, #{publication}, #{number}) on duplicate key update"
            + " publication = if(coalesce(site, #{site}) = #{site}, #{publication}, publication),"
            + " change_no = if(coalesce(site, #{site}) = #{site}, #{number}, change_no),"
            + " site = coalesce(site, #{site})")
    void point(String host, String likeness, String site, long publication, long number);

    /** Gives up the hosts of a site but one; other instances hear of it by the number. */
    @Update("update address set site = null, publication = null, change_no = #{number}"
            + " where site = #{site} and host <> #{host}")
    void giveUpOthers(String site, String host, long number);

    /** Hosts of other sites that look like a name. */
    @Select("select count(*) from address where likeness = #{likeness} and site is not null and site <> #{site}")
    int countLikeness(String likeness, String site);

    /** Nothing stands at these addresses any more; other instances hear of it by the number. */
    @Update("update address set publication = null, change_no = #{number} where site = #{site}")
    void empty(String site, long number);

    @Select("select id, revision, published_at from publication where site = #{site} order by id desc limit 100")
    List<StoredVersion> versions(String site);

    @Select("select count(*) from publication where site = #{site}")
    long countVersions(String site);

    @Select("select id, site, revision, state, url, form, opening from publication where site = #{site} and id = #{id}")
    Optional<LivePublication> version(String site, long id);

    @Insert("insert into publication_file (publication, path, content_type, hash)"
            + " select #{to}, path, content_type, hash from publication_file where publication = #{from}")
    void copyFiles(long from, long to);

    @Select("select id, site, revision, state, url, form, opening from publication where id = #{id}")
    Optional<LivePublication> byId(long id);

    @Select("select coalesce(max(change_no), 0) from address")
    long newestChange();

    @Select("select host from address where change_no > #{number}")
    List<String> changedSince(long number);

    /** Hosts where something stands, the last that changed first. */
    @Select("select host from address where publication is not null order by change_no desc limit #{most}")
    List<String> hosts(int most);

    @Select("select p.id, p.site, p.revision, p.state, p.url, p.form, p.opening"
            + " from publication p join address a on a.publication = p.id where a.host = #{host}")
    Optional<LivePublication> live(String host);

    /** The files of a version; pictures and documents without their bytes, which would fill the memory. */
    @Select("select f.path, f.content_type, f.hash,"
            + " if(f.path like 'pictures/%' or f.path like 'files/%', null, s.plain) as plain, s.gzip, s.brotli"
            + " from publication_file f join stored_file s on s.hash = f.hash where f.publication = #{publication}")
    List<StoredFile> files(long publication);

    /** Versions behind the newest so many of their site, but for what is live. */
    @Select(
            "select id from (select id, row_number() over (partition by site order by id desc) as place from publication) p"
                    + " where place > #{kept} and not exists (select 1 from address a where a.publication = p.id)")
    List<Long> beyond(int kept);

    @Delete("delete from publication where id = #{id} and not exists (select 1 from address where publication = #{id})")
    int delete(long id);

    /** Hosts that were given up, once every instance has heard of it. */
    @Delete("delete from address where site is null and publication is null and change_no <= #{heard}")
    int deleteGivenUp(long heard);

    @Select("select hash from stored_file s"
            + " where not exists (select 1 from publication_file f where f.hash = s.hash)")
    List<String> unused();

    @Delete("delete from stored_file where hash = #{hash}"
            + " and not exists (select 1 from publication_file where hash = #{hash})")
    int deleteUnused(String hash);

    @Select("select hash, plain from stored_file where hash = #{hash}")
    StoredBytes bytes(String hash);

    /** The bytes of a file. */
    record StoredBytes(String hash, byte[] plain) {}

    /** An address and what stands there. */
    record Address(String host, String site, Long publication) {}

    /**
     * A version.
     *
     * @param url address it was rendered for; null, with form and opening, for one of before these were kept
     * @param form its form, JSON; null where it has none
     * @param opening the parts of its pages that change with the hours, JSON
     */
    record LivePublication(
            long id, String site, long revision, String state, String url, String form, String opening) {}

    record StoredVersion(long id, long revision, Instant publishedAt) {}

    /** A file of a publication with its compressed forms; bytes may be null. */
    record StoredFile(String path, String contentType, String hash, byte[] plain, byte[] gzip, byte[] brotli) {}
}
