namespace JollyBarn.Inspection.Rules;

/// <summary>Insulation is whole and copper is not nicked.</summary>
/// <remarks>NEC 110.12(B).</remarks>
public sealed class LeadDamage() : BoxRule("lead-damage", "Lead hurt", "A nick is where it breaks when the device is folded in.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _) in look.Ended)
        {
            switch (look.Answer(id, "damage"))
            {
                case "insulation":
                    yield return Fix(id, $"The insulation of the {look.Called(id)} is hurt.", "110.12(B)");
                    break;
                case "nick":
                    yield return Fix(id, $"The copper of the {look.Called(id)} is nicked.", "110.12(B)");
                    break;
                case "burnt":
                    yield return Fix(id, $"{Sentence.Start(look.Called(id))} is burnt or crumbles.", "110.12(B)");
                    break;
                case "none":
                    yield return Fine(id, $"{Sentence.Start(look.Called(id))} is whole.", "110.12(B)");
                    break;
            }
        }
    }
}
