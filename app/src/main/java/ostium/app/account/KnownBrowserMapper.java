package ostium.app.account;

import java.time.Instant;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface KnownBrowserMapper {
    @Insert("insert into known_browser (hash, account, seen_at) values (#{hash}, #{account}, #{at})"
            + " on duplicate key update seen_at = #{at}")
    void seen(String hash, String account, Instant at);

    @Select("select exists (select 1 from known_browser k join account a on a.id = k.account"
            + " where k.hash = #{hash} and a.email = #{email} and k.seen_at > #{since})")
    boolean knows(String hash, String email, Instant since);

    @Delete("delete from known_browser where account = #{account}")
    void forget(String account);

    @Delete("delete from known_browser where seen_at < #{before} limit 1000")
    void sweep(Instant before);
}
