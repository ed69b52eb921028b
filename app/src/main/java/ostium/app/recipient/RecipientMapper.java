package ostium.app.recipient;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface RecipientMapper {
    /** Who has said yes, who the site belongs to, and who helps with it by an invitation that came by mail. */
    @Select("select email, true as owner from account where id = (select owner from site where id = #{site})"
            + " union all select email, false from recipient where site = #{site} and confirmed_at is not null"
            + " union all select email, false from account join helper on helper.account = account.id"
            + " where helper.site = #{site} and confirmed_at is not null")
    List<Trusted> trusted(String site);

    @Select("select site, email, asked_at, confirmed_at from recipient where site = #{site}")
    List<Recipient> ofSite(String site);

    @Select("select site, email, asked_at, confirmed_at from recipient where hash = #{hash}")
    Optional<Recipient> byHash(String hash);

    @Select("select count(*) from recipient where site = #{site} and asked_at > #{since}")
    int countAsked(String site, Instant since);

    @Insert("insert into recipient (site, email, hash, asked_at) values (#{site}, #{email}, #{hash}, #{at})"
            + " on duplicate key update hash = #{hash}, asked_at = #{at}")
    void ask(String site, String email, String hash, Instant at);

    @Update("update recipient set confirmed_at = #{at}, hash = null where hash = #{hash}")
    int confirm(String hash, Instant at);

    @Delete("delete from recipient where site = #{site} and email = #{email}")
    void forget(String site, String email);

    /** An address messages may go to. */
    record Trusted(String email, boolean owner) {}
}
