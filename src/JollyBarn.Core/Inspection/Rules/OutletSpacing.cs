using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Distances to the next receptacle and to the end of a wall or counter, as two rules judge them where somebody measured.</summary>
public abstract class OutletSpacing(string id, string name, string along, string limitKey) : BoxRule(id, name, "A cord laid across a door or through a room is what wears and burns.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var limit = look.Limits[limitKey];
        var most = look.Limits.Inches(limitKey);
        (string Key, Length Most, string What)[] asked = [(along + "-next", most + most, "to the next receptacle"), (along + "-edge", most, $"to where the {along} ends")];
        var ways = asked.Select(a => (Way: look.Tape(Subjects.Box, a.Key), a.Most, a.What)).Where(w => w.Way is not null).Select(w => (Way: w.Way!.Value, w.Most, w.What)).ToList();
        if (look.Receptacles.Count == 0 || ways.Count == 0)
        {
            yield break;
        }

        var (way, allowed, what) = ways.MaxBy(w => w.Way - w.Most);
        var open = asked.Select(a => a.Key).Where(k => look.Tape(Subjects.Box, k) is null && !look.DoesNotApply(Subjects.Box, k)).ToArray();
        yield return way > allowed ? Fix(Subjects.Box, $"Along the {along}, {way} {what}; {allowed} at most.", limit.Article) with { Sum = $"{way} − {allowed} = {way - allowed} too far", Mend = $"Another receptacle on the way, so that no point is over {most} from one: plan it as a Change." }
            : open.Length > 0 ? Ask(Subjects.Box, $"Along the {along}, {way} {what}: and the other way?", limit.Article, open)
            : Fine(Subjects.Box, $"Along the {along}, {way} {what}, {allowed} at most.", limit.Article);
    }
}
