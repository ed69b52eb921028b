package ostium.app.proofing;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface ProofMapper {
    /**
     * @param words digest of what was read
     * @param slips what was found, as JSON
     */
    record Proof(String words, String slips) {}

    @Select("select words, slips from proof where site = #{site}")
    List<Proof> ofSite(String site);

    @Insert("insert ignore into proof (site, words, slips, read_at) values (#{site}, #{words}, #{slips}, #{at})")
    void insert(String site, String words, String slips, Instant at);

    @Delete("delete from proof where site = #{site} and words = #{words}")
    void delete(String site, String words);
}
