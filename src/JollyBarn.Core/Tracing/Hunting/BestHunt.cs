using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>A hunt as the program goes about it: the test that tells most for what it costs, until one class of suspects is sure.</summary>
public static class BestHunt
{
    private const int Most = 40;

    /// <param name="complaint">With what was noticed first.</param>
    /// <param name="look">Makes a test, and says what it showed.</param>
    /// <returns>The suspects in the end.</returns>
    public static (Suspects Suspects, NextTrial Next) Of(Scene scene, Means means, Complaint complaint, Func<Trial, Observed> look)
    {
        ArgumentNullException.ThrowIfNull(complaint);
        ArgumentNullException.ThrowIfNull(look);
        for (var made = 0; ; made++)
        {
            var suspects = Suspects.Of(scene, complaint, pairs: false);
            var next = NextTrial.Of(suspects, means);
            if (next.Found || made == Most)
            {
                return (suspects, next);
            }

            complaint = complaint with { Observed = complaint.Observed.With($"t{made}", look(next.Ranked[0].Trial)) };
        }
    }
}
