using System.Reflection;
using JollyBarn.Store;
using JollyBarn.Web;

// The build asks the program for its OpenAPI document: it then runs on an empty throwaway file.
if (Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider")
{
    await using var documented = Server.Build(
        [],
        new JobStore(Path.Combine(Directory.CreateTempSubdirectory("jolly-barn-docs-").FullName, "docs.db")),
        0,
        Task.CompletedTask
    );
    await documented.RunAsync();
    return 0;
}

return await Server.RunAsync(args);
