namespace JollyBarn.Testing;

/// <summary>The folder of the project and what was built in it.</summary>
public static class Checkout
{
    public static string Root { get; } = Above(new DirectoryInfo(AppContext.BaseDirectory));

    /// <summary>The built program, as <c>./start</c> runs it.</summary>
    public static string Program { get; } = Path.Combine(Root, ".build", "app", "JollyBarn.Web.dll");

    private static string Above(DirectoryInfo folder) =>
        File.Exists(Path.Combine(folder.FullName, "JollyBarn.slnx")) ? folder.FullName : Above(folder.Parent!);
}
