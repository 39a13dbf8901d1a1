namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>The directory says what each breaker feeds, and tells it from every other.</summary>
/// <remarks>NEC 408.4(A): clear, evident and specific. An empty slot and a breaker that feeds nothing are spare.</remarks>
public sealed class WrittenFor() : PanelRule("directory", "Directory", "In a hurry the wrong breaker is switched off.")
{
    public override IEnumerable<Finding> Judge(PanelLook look)
    {
        const string article = "408.4(A)";
        const string Write = "Write the room and what it feeds there, so that nobody has to ask.";
        foreach (var breaker in look.Panel.Breakers)
        {
            var of = breaker.Key;
            var same = breaker.Says is { } says ? look.Panel.Breakers.FirstOrDefault(b => b.Key != breaker.Key && string.Equals(b.Says?.Trim(), says.Trim(), StringComparison.OrdinalIgnoreCase)) : null;
            yield return look.Answer(of, "written") switch
            {
                "nothing" => Fix(of, $"Nothing is written for breaker {breaker.Where}.", article) with { Mend = Write },
                "vague" => Fix(of, $"What is written for breaker {breaker.Where} does not tell what it feeds.", article) with { Mend = Write },
                "clear" => Fine(of, $"It is written what breaker {breaker.Where} feeds.", article),
                _ when same is not null => Fix(of, $"Breakers {breaker.Where} and {same.Where} both read \"{breaker.Says}\": nobody can tell which is which.", article) with { Mend = Write },
                _ when breaker.Says is not null => Fine(of, $"Breaker {breaker.Where} reads \"{breaker.Says}\".", article),
                _ => Ask(of, $"What does the directory say of breaker {breaker.Where}?", article, "written"),
            };
        }
    }
}
