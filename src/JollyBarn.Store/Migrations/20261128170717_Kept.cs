using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace JollyBarn.Store.Migrations
{
    /// <inheritdoc />
    public partial class Kept : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Sum",
                table: "Snapshots",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<long>(
                name: "Projected",
                table: "Jobs",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0L);

            migrationBuilder.AddColumn<int>(
                name: "ProjectedBy",
                table: "Jobs",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<string>(
                name: "Sum",
                table: "Jobs",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<bool>(
                name: "Again",
                table: "Edits",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "Asked",
                table: "Edits",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Boxes",
                table: "Edits",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<byte[]>(
                name: "Cells",
                table: "Edits",
                type: "BLOB",
                nullable: false,
                defaultValue: new byte[0]);

            migrationBuilder.AddColumn<string>(
                name: "Restores",
                table: "Edits",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Sum",
                table: "Edits",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Sum",
                table: "Boxes",
                type: "TEXT",
                nullable: false,
                defaultValue: "");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Sum",
                table: "Snapshots");

            migrationBuilder.DropColumn(
                name: "Projected",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "ProjectedBy",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Sum",
                table: "Jobs");

            migrationBuilder.DropColumn(
                name: "Again",
                table: "Edits");

            migrationBuilder.DropColumn(
                name: "Asked",
                table: "Edits");

            migrationBuilder.DropColumn(
                name: "Boxes",
                table: "Edits");

            migrationBuilder.DropColumn(
                name: "Cells",
                table: "Edits");

            migrationBuilder.DropColumn(
                name: "Restores",
                table: "Edits");

            migrationBuilder.DropColumn(
                name: "Sum",
                table: "Edits");

            migrationBuilder.DropColumn(
                name: "Sum",
                table: "Boxes");
        }
    }
}
